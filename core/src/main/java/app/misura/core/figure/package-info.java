/**
 * What does a body look like, and where does the tape lie on it? {@link app.misura.core.figure.Figure} is one view of
 * it as layers and lines; {@link app.misura.core.figure.Tape} is a tape's path on a view; {@link
 * app.misura.core.figure.TapePaths} are the paths that ship; a {@link
 * app.misura.core.figure.Scene} is what is shown beside the body. Centimetres in the plane of the view. May use body,
 * measure, geometry and resource.
 */
@NullMarked
package app.misura.core.figure;

import org.jspecify.annotations.NullMarked;
