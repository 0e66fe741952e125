/**
 * What stands on the papers of a workroom? Turns forms, sheets, proofs and cut specs into drawings and pages. May
 * use everything it prints.
 */
@NullMarked
package app.misura.core.format.sheet;

import org.jspecify.annotations.NullMarked;
