/**
 * Where are clients found, written down and seen with their orders? Uses client, known, size, house,
 * order, store, id and ui.
 */
@NullMarked
package app.misura.web.client.page;

import org.jspecify.annotations.NullMarked;
