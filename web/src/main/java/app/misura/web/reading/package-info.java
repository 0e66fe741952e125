/**
 * What was taken, struck, marked and left out on a sheet? {@link app.misura.web.reading.Readings} keeps it: rows are
 * only added, or taken back. Uses id.
 */
@NullMarked
package app.misura.web.reading;

import org.jspecify.annotations.NullMarked;
