/**
 * What is drawn, whatever the file? A {@link app.misura.core.format.drawing.Drawing} is lines and words in
 * millimetres with a role each; the generators give the role its look. May use geometry.
 */
@NullMarked
package app.misura.core.format.drawing;

import org.jspecify.annotations.NullMarked;
