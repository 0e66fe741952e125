package app.misura.core.proof;

import app.misura.core.adjust.Adjustment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import java.util.List;
import java.util.Map;

/** What the rules look at. */
record Evidence(Sheet sheet, Map<String, Settled> settled, Adjustment adjustment, List<Bracket> brackets) {

    String text(Length length) {
        return LengthText.column(length, sheet.unit());
    }

    double number(Length length) {
        return length.to(sheet.unit());
    }

    String unit() {
        return sheet.unit().symbol();
    }

    /** The label of a value's step. */
    static String label(String id) {
        return id.replaceFirst("-(left|right)$", "");
    }
}
