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

    /** An honest coat on an average body, unshaped. */
    public static final String COAT = "P2=171 U1=100 U2=84 U3=96 U3=96 U4=41 B1=44 B2=74 B3=23 B4=18.5 B5=37 B6=43"
            + " B7-left=13.5 B7-right=14 C1=40 C2=43.5 C3=35 A1-left=60 A1-right=60 A2=34 A3=26 A4-left=43"
            + " A4-right=43 A5-left=30 A5-right=31 A6=26.5 A7-left=17 A7-right=17 M1=85 M2=100 M3=29.5";

    /** A race suit's numbers that are one body, inches. */
    public static final String SUIT =
            "P1a=40.5 P1b=40.5 P1c=40.5 P2=67 D1=37 D2=22_1/2 D3=14_1/2 D4=9 D5=12 D6=9 D7=14_3/4 "
                    + "D8=14_1/2 D9=16_1/2 D10=22_1/2 U1=38_1/2 U2=34 U3=34_1/2 U4=36 U5=39 U6=16_1/2 B1=17 "
                    + "B2=18_1/2 B3=17_1/2 B4=5_1/4 B5=40 B6=54_1/2 C1=15 C2=16_1/2 C3=13_1/2 A1-left=24 "
                    + "A1-right=24 A2=14_1/2 A3=11 A4=9_1/2 A5=18 A6=10_1/4 A7=6_3/4 S1=27_1/2 S2=13 S3=12_1/2 "
                    + "S4=27_1/2 S5=14_1/2 S6=31_1/2 S7=27 S8=59 S9=11 S10=13 S11=24 M1=13_1/2 M2=11_1/2 "
                    + "M3=11_1/2 M4=34_1/4 M5=24 M6=15_1/2 M7=13_3/4 M8=22 M9=9_3/4 M10=24";

    public static Sheet suit(String readings, Map<String, String> answers) {
        return on("race-suit", readings, answers);
    }

    public static Sheet coat() {
        return coat(COAT, Map.of());
    }

    public static Sheet coat(String readings, Map<String, String> answers) {
        return on("coat-tailored", readings, answers);
    }

    private static Sheet on(String id, String readings, Map<String, String> answers) {
        OrderForm form = OrderForms.shipped().get(id).asAsked(answers);
        return new Sheet(
                form, Wearer.USUAL, answers, of(form, Wearer.USUAL, readings).readings());
    }

    /** The proof of a sheet on a body whose marks are both set. */
    public static Course course(String text) {
        return Course.of(Proof.of(of(text)), MARKED);
    }
}
