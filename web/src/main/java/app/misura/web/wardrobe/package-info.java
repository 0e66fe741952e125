/**
 * What do the garments have that fit a client already? {@link app.misura.web.wardrobe.Wardrobe} keeps their lengths, apart
 * from the values of the body. Uses client, account, house, id and ui.
 */
@NullMarked
package app.misura.web.wardrobe;

import org.jspecify.annotations.NullMarked;
