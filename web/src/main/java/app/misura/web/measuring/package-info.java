/**
 * Taking the measures, step by step. Uses order, client, account, store and ui.
 */
@NullMarked
package app.misura.web.measuring;

import org.jspecify.annotations.NullMarked;
