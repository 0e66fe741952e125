/**
 * What do all stored things have in common? Ids, digests, what is not there, the clock. Uses nothing else of the web.
 */
@NullMarked
package app.misura.web.store;

import org.jspecify.annotations.NullMarked;
