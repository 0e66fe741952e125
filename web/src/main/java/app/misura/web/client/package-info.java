/**
 * Whom do we dress? Uses store, account and ui.
 */
@NullMarked
package app.misura.web.client;

import org.jspecify.annotations.NullMarked;
