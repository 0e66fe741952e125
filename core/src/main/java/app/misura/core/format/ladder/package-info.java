/**
 * Where do the rungs of a sheet stand, and where do the brackets run that join the ones that must add up? {@link
 * app.misura.core.format.ladder.Ladder} computes it; {@link app.misura.core.format.ladder.LadderSvg} draws it, on
 * screens and on paper alike. May use course and what stands beneath it, and markup.
 */
@NullMarked
package app.misura.core.format.ladder;

import org.jspecify.annotations.NullMarked;
