/**
 * Where does each tape lie? Every measure of the catalogue on a body, by region. Uses ui, id.
 */
@NullMarked
package app.misura.web.tapes;

import org.jspecify.annotations.NullMarked;
