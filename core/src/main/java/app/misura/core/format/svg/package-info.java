/**
 * How is a drawing written as SVG? In millimetres, one group per piece, roles as classes. May use drawing and markup,
 * and the cut, its draft, geometry and the shipped style for the pieces on screen and paper.
 */
@NullMarked
package app.misura.core.format.svg;

import org.jspecify.annotations.NullMarked;
