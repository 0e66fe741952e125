/**
 * What was ordered, and what is on its sheet? Uses client, form, reading, id and ui.
 */
@NullMarked
package app.misura.web.order;

import org.jspecify.annotations.NullMarked;
