package app.misura.core.judging;

import app.misura.core.finding.Severity;
import app.misura.core.norm.Norms;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * How a house judges its sheets: what it set of the checks, what it knows of bodies, what it knows of its measurers.
 *
 * @param onPaper whether a sum over its tolerance is a fault, as where it is done by hand; else it is judged whether an honest
 *     tape may give it
 * @param settings what the house set, by check; nothing where the usual stands
 */
public record Judging(boolean onPaper, Map<String, Setting> settings, Norms norms, Scatter scatter) {

    /** What a house set of one check. */
    public record Setting(Severity severity, double tolerance) {}

    public Judging {
        settings = Map.copyOf(settings);
    }

    private static final class Usual {
        static final Judging INSTANCE = new Judging(false, Map.of(), Norms.shipped(), Scatter.NONE);
    }

    /** As it is where a house set nothing. */
    public static Judging usual() {
        return Usual.INSTANCE;
    }

    public Judging onPaper(boolean asOnPaper) {
        return new Judging(asOnPaper, settings, norms, scatter);
    }

    /** The same with what the house set of the checks. @throws IllegalArgumentException saying what cannot be so */
    public Judging with(Map<String, Setting> set) {
        List<String> faults = new ArrayList<>();
        set.forEach((id, setting) -> faults(id, setting, faults));
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(String.join(" ", faults));
        }
        return new Judging(onPaper, set, norms, scatter);
    }

    private static void faults(String id, Setting setting, List<String> faults) {
        Check check = Check.named(id);
        if (!check.may().contains(setting.severity())) {
            faults.add(check.name() + " is never a " + setting.severity().word() + ".");
        }
        Check.Tolerance tolerance = check.tolerance();
        if (tolerance != null && !(setting.tolerance() >= tolerance.low() && setting.tolerance() <= tolerance.high())) {
            faults.add(check.name() + ": " + tolerance.name() + " lies between " + tolerance.low() + " and "
                    + tolerance.high() + ".");
        }
    }

    public Judging with(Norms other) {
        return new Judging(onPaper, settings, other, scatter);
    }

    public Judging with(Scatter other) {
        return new Judging(onPaper, settings, norms, other);
    }

    /** What a check weighs here. */
    public Severity severity(String check) {
        Setting set = settings.get(check);
        return set == null ? Check.named(check).usual() : set.severity();
    }

    /** What a check allows here. @throws NullPointerException if nothing of it can be set */
    public double tolerance(String check) {
        Setting set = settings.get(check);
        return set == null
                ? Objects.requireNonNull(Check.named(check).tolerance()).usual()
                : set.tolerance();
    }
}
