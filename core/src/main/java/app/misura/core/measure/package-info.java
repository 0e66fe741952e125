/**
 * Where does the tape go? {@link app.misura.core.measure.Catalogue} holds every {@link
 * app.misura.core.measure.Measure}; a condition says what the body does meanwhile. May use length and resource.
 */
@NullMarked
package app.misura.core.measure;

import org.jspecify.annotations.NullMarked;
