/**
 * Which of the sizes that a house keeps is nearest to a body? {@link app.misura.core.size.SizeTable} is such a table, {@link
 * app.misura.core.size.NearestSize} says the size, the measure that decides it, what would be altered, and when made to
 * measure is the only honest answer. Uses measure.
 */
@NullMarked
package app.misura.core.size;

import org.jspecify.annotations.NullMarked;
