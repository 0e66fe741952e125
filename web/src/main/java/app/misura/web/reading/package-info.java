/**
 * What was taken, struck, marked, left out and accepted on a sheet? {@link app.misura.web.reading.Readings} and {@link
 * app.misura.web.reading.Acceptances} keep it: rows are only added, or taken back. Uses id.
 */
@NullMarked
package app.misura.web.reading;

import org.jspecify.annotations.NullMarked;
