/**
 * Where is an order opened, found, changed and moved on? Uses order, known, photo, reading,
 * client, cutting, house, account, id and ui.
 */
@NullMarked
package app.misura.web.order.page;

import org.jspecify.annotations.NullMarked;
