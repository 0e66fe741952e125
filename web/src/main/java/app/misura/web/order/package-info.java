/**
 * What was ordered, and what is on its sheet? Uses client, store and account.
 */
@NullMarked
package app.misura.web.order;

import org.jspecify.annotations.NullMarked;
