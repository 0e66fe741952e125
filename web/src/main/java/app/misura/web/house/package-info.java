/**
 * The owner's own page: who works here, and what programs sign in with. Uses account and ui.
 */
@NullMarked
package app.misura.web.house;

import org.jspecify.annotations.NullMarked;
