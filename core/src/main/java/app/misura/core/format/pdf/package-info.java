/**
 * How is a drawing written as PDF at its true size? {@link app.misura.core.format.pdf.PatternPdf} writes one sheet
 * or tiles. May use drawing.
 */
@NullMarked
package app.misura.core.format.pdf;

import org.jspecify.annotations.NullMarked;
