/**
 * What waits for me? Uses order, client and ui.
 */
@NullMarked
package app.misura.web.today;

import org.jspecify.annotations.NullMarked;
