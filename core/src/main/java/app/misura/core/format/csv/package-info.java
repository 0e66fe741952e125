/**
 * How are measures written as a table of text? {@link app.misura.core.format.csv.MeasuresCsv} writes and reads it back. May
 * use proof, fit and cut, and what stands beneath them.
 */
@NullMarked
package app.misura.core.format.csv;

import org.jspecify.annotations.NullMarked;
