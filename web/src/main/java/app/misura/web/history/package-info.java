/**
 * What was changed of a client, an order or the house, when and by whom? {@link app.misura.web.history.History}. Uses nothing
 * of the house.
 */
@NullMarked
package app.misura.web.history;

import org.jspecify.annotations.NullMarked;
