/**
 * What did a check find? A {@link app.misura.core.finding.Finding} is a value: rule, severity, steps, evidence, one
 * sentence and what to do; an {@link app.misura.core.finding.Acceptance} is a person's word that it stands as it is. Uses nothing else of the core.
 */
@NullMarked
package app.misura.core.finding;

import org.jspecify.annotations.NullMarked;
