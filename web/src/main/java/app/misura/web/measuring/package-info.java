/**
 * Which step is asked for, and what was heard? The measuring screen. Uses order, known, reading,
 * client, house, account, id and ui.
 */
@NullMarked
package app.misura.web.measuring;

import org.jspecify.annotations.NullMarked;
