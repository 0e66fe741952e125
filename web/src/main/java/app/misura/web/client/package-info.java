/**
 * Whom do we dress? Their pages stand in {@code client.page}. Uses history and id.
 */
@NullMarked
package app.misura.web.client;

import org.jspecify.annotations.NullMarked;
