/**
 * How is text set into tags? {@link app.misura.core.format.markup.Markup} is the one writer of XHTML and SVG: it
 * escapes what is said and closes what is opened; {@link app.misura.core.format.markup.Tenths} writes the numbers of
 * a drawing. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.format.markup;

import org.jspecify.annotations.NullMarked;
