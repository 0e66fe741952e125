/**
 * How is a tube round a limb drawn? {@link app.misura.core.block.tube.TubeBlock} lays each girth at its height on two
 * rails that mirror each other. Knows no form and no reading; may use draft and geometry.
 */
@NullMarked
package app.misura.core.block.tube;

import org.jspecify.annotations.NullMarked;
