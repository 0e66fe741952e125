/**
 * Who is asking, and may they? Sign-in, rights per address, headers, throttling. Uses account, door, id and problem.
 */
@NullMarked
package app.misura.web.security;

import org.jspecify.annotations.NullMarked;
