/**
 * Which sizes does the house keep, and which is nearest to a client? {@link app.misura.web.size.HouseSizes} keeps the tables
 * and asks them. Uses id.
 */
@NullMarked
package app.misura.web.size;

import org.jspecify.annotations.NullMarked;
