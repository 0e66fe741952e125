/**
 * The documented interface for programs. Uses order, client and store.
 */
@NullMarked
package app.misura.web.api;

import org.jspecify.annotations.NullMarked;
