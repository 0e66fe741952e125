package app.misura.core.format.sums;

import app.misura.core.finding.Spoken;
import app.misura.core.format.markup.Markup;
import app.misura.core.format.markup.Tenths;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.proportion.Expected;
import app.misura.core.reading.Settled;
import java.util.List;
import java.util.Objects;

/**
 * Each value beside what the rest of the body makes likely: a dot on the band in which it lies on nineteen bodies of twenty, all
 * bands drawn equally wide, and that band as the tape would show it.
 */
public final class FitLines {
    private static final double ONE = 13;
    private static final double BAND = 2;
    /** So many standard deviations are drawn; what lies further off is drawn at the end. */
    private static final double MOST = 4;

    private FitLines() {}

    /** The values in form order; empty where nothing is compared. */
    public static String svg(Proof proof) {
        List<Expected> all = proof.expected();
        if (all.isEmpty()) {
            return "";
        }
        Markup out = Lines.open(all.size(), "What the rest of the body makes likely");
        double y = Lines.ROW / 2;
        for (Expected expected : all) {
            row(out, expected, proof, y);
            y += Lines.ROW;
        }
        return out.close("svg").toString();
    }

    private static void row(Markup out, Expected expected, Proof proof, double y) {
        Settled settled = Objects.requireNonNull(proof.settled().get(expected.value()));
        boolean far = proof.isUnusual(expected.value());
        Lines.row(
                out,
                far,
                Spoken.of(expected.value() + " " + settled.step().name()),
                band(expected, settled, proof.sheet().unit()),
                y);
        String low = n(Lines.ZERO - BAND * ONE);
        String high = n(Lines.ZERO + BAND * ONE);
        String end = " " + n(y - 5) + "V" + n(y + 5);
        out.empty(
                "path", "class", "band", "d", "M" + low + end + "M" + low + " " + n(y) + "H" + high + "M" + high + end);
        Lines.dot(out, far, Lines.ZERO + ONE * Math.max(-MOST, Math.min(MOST, expected.z())), y);
        out.close();
    }

    /** {@code 98 ± 7}, as the tape would show it. */
    private static String band(Expected expected, Settled settled, Unit unit) {
        Length read = Objects.requireNonNull(settled.length());
        Length likely = read.plus(Length.fromMm(10 * (expected.expected() - expected.cm())));
        Increment step = Increment.of(unit == Unit.CM ? "0.5" : "0.25", unit);
        return LengthText.exact(step.snap(likely), unit) + " ± "
                + LengthText.exact(step.snap(Length.fromMm(10 * expected.band())), unit);
    }

    private static String n(double value) {
        return Tenths.of(value);
    }
}
