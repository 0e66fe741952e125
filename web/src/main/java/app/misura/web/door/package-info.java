/**
 * What happened at the door: who came in, who did not, and what was denied? {@link app.misura.web.door.Door}. Uses id.
 */
@NullMarked
package app.misura.web.door;

import org.jspecify.annotations.NullMarked;
