/**
 * Who works here, and what do programs sign in with? The owner's own page. Uses account and ui.
 */
@NullMarked
package app.misura.web.house;

import org.jspecify.annotations.NullMarked;
