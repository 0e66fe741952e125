/**
 * How is what the house knows kept on its disk? {@link app.misura.web.store.DataFolder} is the folder, opened by one server at
 * a time and looked through before; each commit is forced to the disk before its answer. Uses nothing else of the web.
 */
@NullMarked
package app.misura.web.store;

import org.jspecify.annotations.NullMarked;
