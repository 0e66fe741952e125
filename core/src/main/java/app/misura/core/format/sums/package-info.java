/**
 * What do the sums look like on the body? {@link app.misura.core.format.sums.BodySums} draws them as lengths to one
 * scale, {@link app.misura.core.format.sums.NumberLine} what was read against what the others say, {@link
 * app.misura.core.format.sums.Butterfly} left against right, {@link app.misura.core.format.sums.ChangeLines} this time against
 * the last. May use proof and what stands beneath it, finding, known, body, figure, the writers of figures and of markup.
 */
@NullMarked
package app.misura.core.format.sums;

import org.jspecify.annotations.NullMarked;
