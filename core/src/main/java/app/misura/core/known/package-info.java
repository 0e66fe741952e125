/**
 * What is known of a body from its other sheets? {@link app.misura.core.known.Known} is a value as one sheet has it, {@link
 * app.misura.core.known.Reuse} says which of them another sheet may take over, and why the others may not. Uses proof,
 * reading, form, measure and, for where a tape begins, figure.
 */
@NullMarked
package app.misura.core.known;

import org.jspecify.annotations.NullMarked;
