/**
 * Where does somebody look after their own account? Uses account, door and id.
 */
@NullMarked
package app.misura.web.account.page;

import org.jspecify.annotations.NullMarked;
