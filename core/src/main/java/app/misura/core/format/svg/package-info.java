/**
 * How is a drawing written as SVG? In millimetres, one group per piece, roles as classes. May use drawing
 * and markup, and the cut, its draft and geometry for the pieces on screen.
 */
@NullMarked
package app.misura.core.format.svg;

import org.jspecify.annotations.NullMarked;
