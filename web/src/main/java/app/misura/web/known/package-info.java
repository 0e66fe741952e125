/**
 * What does the house know of a client's body already, and what may a sheet take over of it? {@link
 * app.misura.web.known.KnownBody} looks through the client's other sheets. Uses id, order, reading, client and
 * house.
 */
@NullMarked
package app.misura.web.known;

import org.jspecify.annotations.NullMarked;
