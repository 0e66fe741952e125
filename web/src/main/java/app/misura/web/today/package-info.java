/**
 * What waits for me? Uses order, client, account, store and ui.
 */
@NullMarked
package app.misura.web.today;

import org.jspecify.annotations.NullMarked;
