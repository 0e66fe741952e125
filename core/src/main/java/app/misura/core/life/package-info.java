/**
 * Where does an order stand, and where may it go? {@link app.misura.core.life.Standing} is what is known of one, {@link
 * app.misura.core.life.Move} each way on with what stands in it. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.life;

import org.jspecify.annotations.NullMarked;
