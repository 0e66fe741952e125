/**
 * Where are clients found, written down, seen with their orders, and two of their sheets compared? Uses client, known, size, house,
 * order, store, id and ui.
 */
@NullMarked
package app.misura.web.client.page;

import org.jspecify.annotations.NullMarked;
