/**
 * How do programs ask, and what are they answered? The documented interface. Uses order, reading, client, house, store, id
 * and problem.
 */
@NullMarked
package app.misura.web.api;

import org.jspecify.annotations.NullMarked;
