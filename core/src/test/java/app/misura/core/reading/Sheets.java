package app.misura.core.reading;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.length.Entry;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Sheets for tests: {@code of("U1=104.5 D9-left=57.5 ...")}. */
public final class Sheets {
    public static final String AVERAGE = "P3=171 D1=103 D2=58.5 D3=45 D4=18.5 D7=36.5 D8=38 D9-left=57.5 D9-right=58"
            + " U1=101.5 U2=87.5 U2=87.5 S1=77.5 S2=32.5 S3=69.5 S4=27 S5=42.5 M1=25.5 M2=41";

    /** Band and knee, set before anything was read. */
    public static final Marks MARKED = Marks.NONE.with("P1", Instant.EPOCH).with("P2", Instant.EPOCH);

    private Sheets() {}

    public static Sheet of(String text) {
        return of(OrderForms.shipped().get("trousers-tailored"), Wearer.USUAL, text);
    }

    public static Sheet of(OrderForm form, Wearer wearer, String text) {
        List<Reading> readings = new ArrayList<>();
        for (String entry : text.trim().split("\\s+")) {
            String[] parts = entry.split("=", 2);
            readings.add(reading(form, parts[0], parts[1].replace('_', ' ')));
        }
        return new Sheet(form, wearer, Map.of(), readings);
    }

    public static Reading reading(OrderForm form, String id, String text) {
        String label = id.replaceFirst("-(left|right)$", "");
        Step step = form.step(label);
        Side side = id.endsWith("-left")
                ? Side.LEFT
                : id.endsWith("-right") || step.side() == StepSide.RIGHT ? Side.RIGHT : null;
        return new Reading(
                label,
                side,
                text,
                Entry.parse(text, form.unit())
                        .asLength()
                        .map(form.increment()::snap)
                        .orElse(null),
                step.play(),
                Instant.EPOCH,
                "tester",
                null,
                null);
    }

    /** The proof of a sheet on a body whose marks are both set. */
    public static Course course(String text) {
        return Course.of(Proof.of(of(text)), MARKED);
    }
}
