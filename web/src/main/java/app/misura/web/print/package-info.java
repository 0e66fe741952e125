/**
 * What hangs on a nail: forms, cut sheets, patterns. Uses order, client,
 * cutting, account, store and ui.
 */
@NullMarked
package app.misura.web.print;

import org.jspecify.annotations.NullMarked;
