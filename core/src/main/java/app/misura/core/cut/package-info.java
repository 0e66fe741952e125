/**
 * What is cut, and does it hold? {@link app.misura.core.cut.Cutting} brings a proved sheet, a garment and its choices to a
 * {@link app.misura.core.cut.CutSpec}: blocks, joined sides, allowances, openings, cautions. Knows no garment by name. May
 * use fit, garment, draft, block and the proof, and what stands beneath them.
 */
@NullMarked
package app.misura.core.cut;

import org.jspecify.annotations.NullMarked;
