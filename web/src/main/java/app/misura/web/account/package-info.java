/**
 * Who works here, and what may they do? Uses store.
 */
@NullMarked
package app.misura.web.account;

import org.jspecify.annotations.NullMarked;
