package app.misura.core.proof;

import app.misura.core.form.ValueId;
import java.util.List;

/**
 * A value that no sum checks.
 *
 * @param inNoSum true if the form has no sum with it; false if its sums wait for other readings
 * @param wouldCheck the steps whose reading would check it; empty if none would
 */
public record Unchecked(ValueId id, boolean inNoSum, List<String> wouldCheck) {}
