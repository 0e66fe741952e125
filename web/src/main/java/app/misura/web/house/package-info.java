/**
 * What does the house call itself, and what is usual here? {@link app.misura.web.house.House}. Its pages stand in {@code
 * house.page}. Uses nothing else of the web.
 */
@NullMarked
package app.misura.web.house;

import org.jspecify.annotations.NullMarked;
