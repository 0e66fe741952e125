/**
 * How well does a form check itself, before anything is read? {@link app.misura.core.strength.FormStrength} says from which
 * size on an error is noticed, what nothing checks, what cannot be told apart, and which step would add most. May use
 * proof and what stands beneath it.
 */
@NullMarked
package app.misura.core.strength;

import org.jspecify.annotations.NullMarked;
