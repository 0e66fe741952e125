/**
 * What does the house call itself, and what is usual here? {@link app.misura.web.house.House}; by which numbers
 * does it cut? {@link app.misura.web.house.Tables}. Its pages stand in {@code house.page}. Uses history.
 */
@NullMarked
package app.misura.web.house;

import org.jspecify.annotations.NullMarked;
