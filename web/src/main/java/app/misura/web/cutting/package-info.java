/**
 * Ease and cut on screen: choices, pieces, chain, proof of the cut. Uses order, account, store and ui.
 */
@NullMarked
package app.misura.web.cutting;

import org.jspecify.annotations.NullMarked;
