/**
 * What does a written formula come to? {@link app.misura.core.formula.Formula} is a weighted sum with {@code max}, {@code
 * min} and {@code by-choice(...)}; whoever asks gives the names their values. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.formula;

import org.jspecify.annotations.NullMarked;
