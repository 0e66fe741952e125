/**
 * Which blocks are there? {@link app.misura.core.block.Blocks} has every base draft by its id; each has a room of its own
 * below. May use draft and those rooms.
 */
@NullMarked
package app.misura.core.block;

import org.jspecify.annotations.NullMarked;
