/**
 * A stand-in for a tape that sends its readings: a page, and {@link app.misura.web.tape.TapeCommand} for a terminal. Both
 * speak the documented interface with a token, as a real one would; what they send says that it is simulated. Uses order,
 * id and ui for the page.
 */
@NullMarked
package app.misura.web.tape;

import org.jspecify.annotations.NullMarked;
