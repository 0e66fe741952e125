/**
 * What do all pages share? Texts, numbers and drawings for the templates. Uses account and store.
 */
@NullMarked
package app.misura.web.ui;

import org.jspecify.annotations.NullMarked;
