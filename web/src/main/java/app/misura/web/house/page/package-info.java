/**
 * Where does the owner look after the house: what is usual, its tables, who works here, what programs sign in with, what happened at
 * the door? Uses house, account, client, door, store, id and ui.
 */
@NullMarked
package app.misura.web.house.page;

import org.jspecify.annotations.NullMarked;
