package app.misura.web.proofing;

import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.reading.Steadiness;
import app.misura.web.order.GarmentOrder;
import java.util.ArrayList;
import java.util.List;

/** Where the strokes of the pen show that whoever measured was unsure. */
final class Unsteady {
    private Unsteady() {}

    /** What a second pair of eyes should look at: "S2, a try struck, 8.5 apart, 4 minutes". */
    static List<String> of(GarmentOrder order) {
        return Steadiness.of(order.takenHere()).stream()
                .filter(Steadiness::isUnsteady)
                .map(s -> said(s, order.form().unit()))
                .toList();
    }

    private static String said(Steadiness steadiness, Unit unit) {
        List<String> words = new ArrayList<>(List.of(steadiness.value().toString()));
        if (steadiness.strikes() > 0) {
            words.add(steadiness.strikes() == 1 ? "a try struck" : steadiness.strikes() + " tries struck");
        }
        if (steadiness.spread().isPositive()) {
            words.add(LengthText.column(steadiness.spread(), unit) + " apart");
        }
        if (steadiness.took() != null && steadiness.took().toMinutes() > 0) {
            words.add(
                    steadiness.took().toMinutes() == 1
                            ? "1 minute"
                            : steadiness.took().toMinutes() + " minutes");
        }
        return String.join(", ", words);
    }
}
