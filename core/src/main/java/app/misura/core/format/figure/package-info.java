/**
 * How is a figure drawn? {@link app.misura.core.format.figure.FigurePicture} writes a view of a body with a tape on it as SVG. May
 * use figure, body, geometry and the writer of markup.
 */
@NullMarked
package app.misura.core.format.figure;

import org.jspecify.annotations.NullMarked;
