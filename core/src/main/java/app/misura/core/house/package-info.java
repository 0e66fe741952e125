/**
 * What does a house assume until it knows better? {@link app.misura.core.house.HouseTables} is every default in numbers,
 * read once from data and named by its version; {@link app.misura.core.house.HouseNumbers} are those that a house sets
 * itself. May use measure, formula and resource.
 */
@NullMarked
package app.misura.core.house;

import org.jspecify.annotations.NullMarked;
