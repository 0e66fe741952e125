/**
 * How are the core's values written and read as JSON? One class per kind of document; {@link
 * app.misura.core.format.json.JsonIn} reads strictly and collects every fault with its place. May use everything in the
 * core that it writes.
 */
@NullMarked
package app.misura.core.format.json;

import org.jspecify.annotations.NullMarked;
