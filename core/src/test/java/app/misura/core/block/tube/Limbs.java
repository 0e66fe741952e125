package app.misura.core.block.tube;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Sheets of limbs for tests: {@code sheet("limb-cover", "right", "D1=not-there D4=35 ...", ADULT)}. */
public final class Limbs {
    public static final String LEG =
            "D1=26 D2=23 D3=10 D4=35 D5=30 D6=34.5 D7=42 D8=38 D9=48 D10=41 D11=55 D12=48 D13=65"
                    + " D14=52 D15=72 D16=70";
    public static final String ARM = "A1=57.5 A2=32.5 A3=25 A4=28 A5=25 A6=24.5 A7=16 A8=20 W1=0";

    private Limbs() {}

    public static Sheet sheet(String form, String sides, String text, AgeGroup age) {
        OrderForm asked = OrderForms.shipped().get(form).asAsked(Map.of("sides", sides));
        List<Reading> readings = new ArrayList<>();
        List<LeftOut> out = new ArrayList<>();
        for (String entry : text.split(" ")) {
            String[] pair = entry.split("=");
            LeftOut.Why.named(pair[1])
                    .ifPresentOrElse(
                            why -> out.add(new LeftOut(ValueId.parse(pair[0]), why, "")),
                            () -> readings.add(Sheets.reading(asked, pair[0], pair[1])));
        }
        return new Sheet(asked, new Wearer(Side.RIGHT, age), Map.of("sides", sides), readings, out);
    }

    /** The same values on both sides, those of some steps on the right another. */
    public static String both(String text, Map<String, String> right) {
        List<String> values = new ArrayList<>();
        for (String entry : text.split(" ")) {
            String[] pair = entry.split("=");
            values.add(pair[0] + "-left=" + pair[1]);
            values.add(pair[0] + "-right=" + right.getOrDefault(pair[0], pair[1]));
        }
        return String.join(" ", values);
    }
}
