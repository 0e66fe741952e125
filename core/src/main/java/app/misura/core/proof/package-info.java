/**
 * Are these numbers one body? {@link app.misura.core.proof.Proof} judges a sheet: the adjustment, every finding, the
 * sentence, and what to ask for again. May use reading and what stands beneath it, adjust,
 * norm, proportion, slip, house and finding.
 */
@NullMarked
package app.misura.core.proof;

import org.jspecify.annotations.NullMarked;
