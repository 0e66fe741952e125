/**
 * How far has the measuring come, and what is next? {@link app.misura.core.course.Course} lays a proof beside the marks
 * that are set on the body: what is taken, what must wait for a mark, what must be looked at again because a mark was set
 * anew, whether a part's gate asks, where the work goes on, and which taking of
 * a value the next reading belongs to. Uses the proof and what stands beneath it.
 */
@NullMarked
package app.misura.core.course;

import org.jspecify.annotations.NullMarked;
