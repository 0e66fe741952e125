/**
 * Which number of a redundant network is wrong? {@link app.misura.core.adjust.Adjustment} solves a {@link
 * app.misura.core.adjust.Network}, {@link app.misura.core.adjust.Strength} says what it could find; numbers only, no body in
 * it. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.adjust;

import org.jspecify.annotations.NullMarked;
