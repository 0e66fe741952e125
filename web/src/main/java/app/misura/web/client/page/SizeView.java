package app.misura.web.client.page;

import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.measure.Measure;
import app.misura.core.size.NearestSize;
import app.misura.web.size.HouseSizes;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The nearest size of one table, as a client's page says it.
 *
 * @param decides "seat decides"
 * @param altered what would be altered, in words; empty if nothing
 * @param honest why made to measure is the only honest answer; empty where a size will do
 * @param without what the table asks and nobody knows; empty if nothing
 */
record SizeView(String table, String size, String decides, String altered, String honest, String without) {
    /** @param unit of the house */
    static SizeView of(HouseSizes.Near near, Unit unit) {
        NearestSize size = near.size();
        return new SizeView(
                near.table().name(),
                size.size(),
                names(size.deciding()) + (size.deciding().size() == 1 ? " decides" : " decide"),
                size.alterations().stream().map(a -> said(a, unit)).collect(Collectors.joining(", ")),
                String.join("; ", size.madeToMeasure()),
                names(size.unknown()));
    }

    private static String said(NearestSize.Alteration each, Unit unit) {
        return each.kind().verb() + " " + each.measure().name().toLowerCase(Locale.ROOT) + " by "
                + LengthText.column(
                        Increment.of(unit == Unit.CM ? "0.5" : "0.25", unit).snap(Length.fromMm(each.mm())), unit)
                + " " + unit.symbol();
    }

    private static String names(List<Measure> measures) {
        return measures.stream().map(m -> m.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }
}
