/**
 * The documented interface for programs. Uses order and client.
 */
@NullMarked
package app.misura.web.api;

import org.jspecify.annotations.NullMarked;
