/**
 * What is a garment, in words and numbers? {@link app.misura.core.garment.Garment} is data: its choices, the rows of its
 * table, what must pass over what. {@link app.misura.core.garment.Garments} reads and cross-checks them all. May use form,
 * house, norm, formula, measure, draft, block and resource.
 */
@NullMarked
package app.misura.core.garment;

import org.jspecify.annotations.NullMarked;
