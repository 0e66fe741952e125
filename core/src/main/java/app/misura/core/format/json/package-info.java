/**
 * How are the core's values written and read as JSON? One record per kind of document, and what
 * reads one strictly beside it: {@link
 * app.misura.core.format.json.JsonIn} collects every fault with its place. May use everything in the
 * core that it writes.
 */
@NullMarked
package app.misura.core.format.json;

import org.jspecify.annotations.NullMarked;
