/**
 * What is a body of these numbers like, and how widely do such bodies differ? {@link app.misura.core.norm.Norms} is the one place
 * that knows: measured people's girths and height, spread together, and rules of the house for what was not measured of them.
 * {@link app.misura.core.norm.LikelyBody} is one body by them: what each measure is likely to be, and which number stands out.
 */
@NullMarked
package app.misura.core.norm;

import org.jspecify.annotations.NullMarked;
