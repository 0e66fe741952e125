/**
 * What do the signs mean, which form is for whom, how well does each check itself, what is checked and what is not? Uses house and ui.
 */
@NullMarked
package app.misura.web.how;

import org.jspecify.annotations.NullMarked;
