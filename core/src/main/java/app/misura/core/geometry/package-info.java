/**
 * Where does a drawn line run, and how long is it? Plain doubles in millimetres, y down. {@link
 * app.misura.core.geometry.Path} is the type everything goes through; solvers live in {@link
 * app.misura.core.geometry.Search}. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.geometry;

import org.jspecify.annotations.NullMarked;
