/**
 * What does the house call itself, and what is usual here? {@link app.misura.web.house.House}; by which numbers
 * does it cut? {@link app.misura.web.house.Tables}. what of its tools has a blank
 * end? {@link app.misura.web.house.Tools}. Its pages stand in {@code house.page}. Uses history and id.
 */
@NullMarked
package app.misura.web.house;

import org.jspecify.annotations.NullMarked;
