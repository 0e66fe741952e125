/**
 * What probably happened to a reading that the sums call wrong? {@link app.misura.core.slip.Slips} ranks what people do with
 * numbers together with the readings they may have done it to. May use adjust, finding, reading, form, measure and
 * length.
 */
@NullMarked
package app.misura.core.slip;

import org.jspecify.annotations.NullMarked;
