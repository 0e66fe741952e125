package app.misura.web.reading;

import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.reading.LeftOut;
import java.util.List;

/**
 * What was taken on one sheet.
 *
 * @param readings in the order in which they were kept, struck ones among them
 * @param marks when each mark was set on the body
 * @param passes the questions of gates that are to be cleared later
 * @param leftOut what is left out and not taken back
 */
public record Taken(List<StoredReading> readings, Marks marks, Passes passes, List<LeftOut> leftOut) {}
