/**
 * What is known of a body from its other sheets? {@link app.misura.core.known.Known} is a value as one sheet has it, {@link
 * app.misura.core.known.Reuse} says which of them another sheet may take over, and why the others may not, {@link
 * app.misura.core.known.Change} what differs from last time, {@link app.misura.core.known.Comparison} two sheets side by
 * side. Uses proof and what stands beneath it, house and, for where a tape begins, figure.
 */
@NullMarked
package app.misura.core.known;

import org.jspecify.annotations.NullMarked;
