/**
 * Who works here, what may they do, and what do programs sign in with? Uses store and id.
 */
@NullMarked
package app.misura.web.account;

import org.jspecify.annotations.NullMarked;
