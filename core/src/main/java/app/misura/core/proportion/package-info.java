/**
 * What do the other numbers of a body make of one? {@link app.misura.core.proportion.SheetBody} takes a sheet's values as a body by
 * the norms of its house, {@link app.misura.core.proportion.Fits} says which stand out and what each would be, {@link
 * app.misura.core.proportion.Refit} fits the norms to the house's own bodies.
 */
@NullMarked
package app.misura.core.proportion;

import org.jspecify.annotations.NullMarked;
