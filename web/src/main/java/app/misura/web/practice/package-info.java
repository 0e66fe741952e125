/**
 * What do the house's own sheets tell of its bodies, hands and tools? Shown before it is used: proportions fitted to its clients,
 * how much its measurers' tries scatter, what is read too short time and again.
 */
@NullMarked
package app.misura.web.practice;

import org.jspecify.annotations.NullMarked;
