/**
 * Are these numbers one body, and what does a person take as it is? The proof on screen. Uses account, id, order, known,
 * photo, reading and ui.
 */
@NullMarked
package app.misura.web.proofing;

import org.jspecify.annotations.NullMarked;
