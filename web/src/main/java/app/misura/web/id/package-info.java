/**
 * By what are things told apart, and what if one is not there? Ids, digests, {@link app.misura.web.id.NotThere}, {@link app.misura.web.id.Ended}. Uses nothing
 * else of the web.
 */
@NullMarked
package app.misura.web.id;

import org.jspecify.annotations.NullMarked;
