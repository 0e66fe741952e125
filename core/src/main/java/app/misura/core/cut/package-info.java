/**
 * What is cut, and does it hold? A {@link app.misura.core.cut.CutSpec} composes blocks into a garment with allowances,
 * openings and cautions. May use draft, fit and the proof.
 */
@NullMarked
package app.misura.core.cut;

import org.jspecify.annotations.NullMarked;
