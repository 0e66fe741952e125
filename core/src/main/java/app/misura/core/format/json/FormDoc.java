package app.misura.core.format.json;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Document {@code form/1}: one order form, its steps in working order. A step whose side the order says has the usual one. */
public record FormDoc(
        @OneOf("form/1") String misura,
        String id,
        int version,
        String title,
        @OneOf({"cm", "in"}) String unit,
        String increment,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String selectionOf,

        List<PartDoc> parts,
        List<Sum> closures,
        List<Question> options) {

    public record PartDoc(
            String part,
            String title,
            @OneOf({"none", "soft", "hard"}) String gate,
            List<StepDoc> steps) {}

    /**
     * @param measure null for a mark and for what is worked out
     * @param aux the mark that this height is taken with
     * @param adds what the form adds to what is read, in its unit
     */
    public record StepDoc(
            String label,
            String name,
            @Nullable String measure,

            @OneOf({"left", "right", "both", "dominant", "other", "marked"}) @Nullable
            String side,

            Map<String, String> condition,
            @Nullable String place,

            @OneOf({"firm", "snug", "1-finger", "2-fingers", "flat-hand", "easy"})
            String play,

            String settle,
            boolean critical,
            @Nullable Map<String, String> onlyIf,
            @Nullable String derived,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            String aux,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Double adds) {}

    public record Sum(
            String id,
            Map<String, Double> terms,
            double constant,
            double tolerance,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Map<String, String> onlyIf) {}

    public record Question(
            String id,
            List<String> choices,
            @JsonProperty("default") String usual) {}

    public static FormDoc of(OrderForm whole) {
        OrderForm form = whole.withUsualSides();
        return new FormDoc(
                "form/1",
                form.id(),
                form.version(),
                form.title(),
                form.unit().symbol(),
                LengthText.exact(form.increment().step(), form.unit()),
                form.selectionOf(),
                form.parts().stream().map(p -> part(p, form.unit())).toList(),
                form.closures().stream().map(c -> sum(c, form)).toList(),
                form.options().stream()
                        .map(o -> new Question(o.id(), o.choices(), o.usual()))
                        .toList());
    }

    private static PartDoc part(Part part, Unit unit) {
        return new PartDoc(
                part.letter(),
                part.title(),
                part.gate().word(),
                part.steps().stream().map(s -> step(s, unit)).toList());
    }

    private static StepDoc step(Step step, Unit unit) {
        return new StepDoc(
                step.label(),
                step.name(),
                step.measure() == null ? null : step.measure().code(),
                step.side() == StepSide.NONE ? null : step.side().word(),
                step.condition().words(),
                step.at().isOnly() ? null : step.at().word(),
                step.play().word(),
                step.settle().word(),
                step.critical(),
                step.onlyIf().isEmpty() ? null : step.onlyIf(),
                step.derived() == null ? null : step.derived().toString(),
                step.aux(),
                step.adds().equals(Length.ZERO) ? null : step.adds().to(unit));
    }

    private static Sum sum(Closure closure, OrderForm form) {
        Map<String, Double> terms = new LinkedHashMap<>();
        closure.terms().terms().forEach((value, factor) -> terms.put(value.toString(), factor));
        return new Sum(
                closure.id(),
                terms,
                closure.constant().to(form.unit()),
                closure.tolerance().to(form.unit()),
                closure.onlyIf().isEmpty() ? null : closure.onlyIf());
    }
}
