/**
 * How are trousers drawn? {@link app.misura.core.block.trousers.TrousersBlock} solves front and back, band and fly for the
 * lengths they promise. Knows no form and no reading; may use draft and geometry.
 */
@NullMarked
package app.misura.core.block.trousers;

import org.jspecify.annotations.NullMarked;
