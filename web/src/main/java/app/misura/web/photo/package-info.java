/**
 * What does a person look like from the front, the side and the back? {@link app.misura.web.photo.Photographs} keeps the
 * pictures of an order: each is turned upright, made smaller and written anew, so that nothing else that a camera put into
 * its file is kept. Uses order, reading, account, store, id and ui.
 */
@NullMarked
package app.misura.web.photo;

import org.jspecify.annotations.NullMarked;
