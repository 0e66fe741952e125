/**
 * What is known of a body of these numbers? A {@link app.misura.core.body.Body} is sections at levels, the measured
 * ones and what follows from them and from stature. Centimetres; x to the body's own left, y up from the floor, z
 * forward. May use proof and what stands beneath it, house and geometry.
 */
@NullMarked
package app.misura.core.body;

import org.jspecify.annotations.NullMarked;
