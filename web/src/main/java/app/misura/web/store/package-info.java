/**
 * What do all stored things have in common? Ids and the clock. Uses nothing else of the web.
 */
@NullMarked
package app.misura.web.store;

import org.jspecify.annotations.NullMarked;
