/**
 * How does the cut come about, and does it hold? Choices, pieces, chain and proof of the cut on screen. Uses order,
 * account, house, id and ui.
 */
@NullMarked
package app.misura.web.cutting;

import org.jspecify.annotations.NullMarked;
