/**
 * Are these numbers one body? The proof on screen. Uses order, known, photo,
 * reading and ui.
 */
@NullMarked
package app.misura.web.proofing;

import org.jspecify.annotations.NullMarked;
