/**
 * What does the tape say, exactly? {@link app.misura.core.length.Length} is a length on an exact grid; {@link
 * app.misura.core.length.Entry} reads what a person typed, {@link app.misura.core.length.LengthText} prints it, {@link
 * app.misura.core.length.TapeWords} says what was computed as a tape shows it. Uses
 * nothing else of the core.
 */
@NullMarked
package app.misura.core.length;

import org.jspecify.annotations.NullMarked;
