/**
 * How large is the finished garment, and why? From the settled body to finished measures, one explainable term at a
 * time: net, growth, layers, ease, shrinkage. {@link app.misura.core.fit.TrousersFit} is the way in for trousers. May use
 * proof, reading, adjust, length and the block's input.
 */
@NullMarked
package app.misura.core.fit;

import org.jspecify.annotations.NullMarked;
