/**
 * What hangs on a nail? Forms, cut sheets, patterns. Uses order, photo, reading, client, wardrobe, cutting,
 * account, house, id and ui.
 */
@NullMarked
package app.misura.web.print;

import org.jspecify.annotations.NullMarked;
