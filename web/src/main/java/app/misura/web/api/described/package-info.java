/**
 * What can be asked of the interface, and what is answered? {@link app.misura.web.api.described.Operations} lists every
 * call with its documents, examples and errors; their schemas are made of the records that are written. Uses api.
 */
@NullMarked
package app.misura.web.api.described;

import org.jspecify.annotations.NullMarked;
