/**
 * What did the tape say, and what does the sheet keep of it? A {@link app.misura.core.reading.Sheet} holds
 * readings, which are only ever added and struck; {@link app.misura.core.reading.Settled} is what its step's rule makes
 * of them. May use finding, form, measure and length.
 */
@NullMarked
package app.misura.core.reading;

import org.jspecify.annotations.NullMarked;
