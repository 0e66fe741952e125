/**
 * What does a body of these numbers look like, and where does the tape lie on it? A {@link app.misura.core.body.Body} is
 * sections at levels; {@link app.misura.core.body.Figure} is one view of it; {@link app.misura.core.body.Tape} is a tape's
 * path on a view. Centimetres; x to the body's own left, y up from the floor, z forward. May use proof, what stands
 * beneath it, and geometry.
 */
@NullMarked
package app.misura.core.body;

import org.jspecify.annotations.NullMarked;
