/**
 * Where are the data that ship with the core? {@link app.misura.core.resource.Shipped} reads them. Uses nothing else of the
 * core.
 */
@NullMarked
package app.misura.core.resource;

import org.jspecify.annotations.NullMarked;
