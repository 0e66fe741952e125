/**
 * What must be at hand, worn and asked before the tape comes out? {@link app.misura.core.ready.Ready} reads it off the steps
 * that a sheet asks. Uses reading, form, measure, length and, for how a tape runs, figure.
 */
@NullMarked
package app.misura.core.ready;

import org.jspecify.annotations.NullMarked;
