/**
 * How is each body part drawn? One block per body part, beginning with {@link
 * app.misura.core.draft.block.TrousersBlock}: finished measures in, a solved draft or a refusal out. May use draft and
 * geometry.
 */
@NullMarked
package app.misura.core.draft.block;

import org.jspecify.annotations.NullMarked;
