/** How is it shown what was changed? Uses history, and those whose things are changed: client, order, house; account, ui. */
@NullMarked
package app.misura.web.history.page;

import org.jspecify.annotations.NullMarked;
