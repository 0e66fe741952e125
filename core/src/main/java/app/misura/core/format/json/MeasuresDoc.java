package app.misura.core.format.json;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Measure;
import java.util.List;

/** Document {@code measures/1}: the catalogue. */
public record MeasuresDoc(@OneOf("measures/1") String misura, List<MeasureDoc> measures) {

    public record MeasureDoc(
            String code,
            String name,
            String kind,
            String region,
            @OneOf({"both", "none"}) String sides,
            String path,
            double sdCm,
            double adultLowCm,
            double adultHighCm,
            List<String> conditions) {}

    public static MeasuresDoc of(Catalogue catalogue) {
        return new MeasuresDoc(
                "measures/1", catalogue.all().stream().map(MeasuresDoc::measure).toList());
    }

    private static MeasureDoc measure(Measure m) {
        return new MeasureDoc(
                m.code(),
                m.name(),
                m.kind().word(),
                m.region(),
                m.bothSides() ? "both" : "none",
                m.path(),
                m.sdCm(),
                m.adultLowCm(),
                m.adultHighCm(),
                m.conditions().stream().map(Condition.Aspect::key).toList());
    }
}
