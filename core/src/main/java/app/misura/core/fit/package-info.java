/**
 * What does the finished garment measure, and why? {@link app.misura.core.fit.Fitting} goes from settled values over the
 * net body and layers, growth, ease or strain to each finished measure of a garment's table, and keeps the chain. Knows no
 * garment by name. May use garment, house, norm, judging, finding, proof, reading, measure, form, length,
 * formula and adjust.
 */
@NullMarked
package app.misura.core.fit;

import org.jspecify.annotations.NullMarked;
