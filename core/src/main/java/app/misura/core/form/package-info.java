/**
 * What is asked, in which order? {@link app.misura.core.form.OrderForms} holds every {@link
 * app.misura.core.form.OrderForm}: parts, steps, settle rules, closures, options. May use measure, length, formula and resource.
 */
@NullMarked
package app.misura.core.form;

import org.jspecify.annotations.NullMarked;
