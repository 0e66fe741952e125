/**
 * What do the other numbers of a body make of one? {@link app.misura.core.proportion.BodyNetwork} ties a sheet's values by the
 * house's proportions, {@link app.misura.core.proportion.Expected} says what each would be, {@link
 * app.misura.core.proportion.Refit} fits the proportions to the house's own bodies.
 */
@NullMarked
package app.misura.core.proportion;

import org.jspecify.annotations.NullMarked;
