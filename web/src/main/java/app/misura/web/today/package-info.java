/**
 * What waits for me? Uses order, cutting, client, account, store and ui.
 */
@NullMarked
package app.misura.web.today;

import org.jspecify.annotations.NullMarked;
