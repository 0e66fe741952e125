/**
 * What do the signs mean, which form is for whom, what is checked and what is not? Uses ui.
 */
@NullMarked
package app.misura.web.how;

import org.jspecify.annotations.NullMarked;
