/**
 * What hangs on a nail: forms, cut sheets, patterns. Uses order, cutting and ui.
 */
@NullMarked
package app.misura.web.print;

import org.jspecify.annotations.NullMarked;
