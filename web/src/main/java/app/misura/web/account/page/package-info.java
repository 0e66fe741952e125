/**
 * Where does somebody look after their own account? Uses account, door and ui.
 */
@NullMarked
package app.misura.web.account.page;

import org.jspecify.annotations.NullMarked;
