/**
 * Whom do we dress? Uses store.
 */
@NullMarked
package app.misura.web.client;

import org.jspecify.annotations.NullMarked;
