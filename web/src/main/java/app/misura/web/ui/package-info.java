/**
 * What do all pages share? Texts, numbers and drawings for the templates, and what a page has already. Uses account,
 * house, id and problem.
 */
@NullMarked
package app.misura.web.ui;

import org.jspecify.annotations.NullMarked;
