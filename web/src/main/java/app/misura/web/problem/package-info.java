/**
 * How is a program told what was wrong? {@link app.misura.web.problem.ProblemWriter} writes the document. Uses nothing else
 * of the web.
 */
@NullMarked
package app.misura.web.problem;

import org.jspecify.annotations.NullMarked;
