/**
 * What was ordered, and what is on its sheet? Uses client, form, house, reading, history, id and
 * ui.
 */
@NullMarked
package app.misura.web.order;

import org.jspecify.annotations.NullMarked;
