package app.misura.core.format.json;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.form.StepSide;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Measure;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Documents {@code forms/1}, {@code form/1} and {@code measures/1}. */
public final class FormJson {
    private FormJson() {}

    public static Map<String, @Nullable Object> list(Collection<OrderForm> forms) {
        return JsonOut.document("forms/1")
                .put(
                        "forms",
                        forms.stream()
                                .map(f -> head(JsonOut.object(), f).tree())
                                .toList())
                .tree();
    }

    private static JsonOut head(JsonOut out, OrderForm form) {
        return out.put("id", form.id())
                .put("version", form.version())
                .put("title", form.title())
                .put("unit", form.unit().symbol());
    }

    /** The form with the usual answers: a step whose side the order says has the usual one. */
    public static Map<String, @Nullable Object> form(OrderForm whole) {
        OrderForm form = whole.withUsualSides();
        JsonOut out = head(JsonOut.document("form/1"), form)
                .put("increment", LengthText.exact(form.increment().step(), form.unit()));
        if (form.selectionOf() != null) {
            out.put("selectionOf", form.selectionOf());
        }
        return out.put("parts", form.parts().stream().map(FormJson::part).toList())
                .put(
                        "closures",
                        form.closures().stream().map(c -> closure(c, form)).toList())
                .put(
                        "options",
                        form.options().stream()
                                .map(o -> JsonOut.object()
                                        .put("id", o.id())
                                        .put("choices", o.choices())
                                        .put("default", o.usual())
                                        .tree())
                                .toList())
                .tree();
    }

    private static Map<String, @Nullable Object> part(Part part) {
        return JsonOut.object()
                .put("part", part.letter())
                .put("title", part.title())
                .put("gate", part.gate().word())
                .put("steps", part.steps().stream().map(FormJson::step).toList())
                .tree();
    }

    private static Map<String, @Nullable Object> step(Step step) {
        return JsonOut.object()
                .put("label", step.label())
                .put("name", step.name())
                .put("measure", step.measure() == null ? null : step.measure().code())
                .put("side", step.side() == StepSide.NONE ? null : step.side().word())
                .put("condition", step.condition().words())
                .put("place", step.at().isOnly() ? null : step.at().word())
                .put("play", step.play().word())
                .put("settle", step.settle().word())
                .put("critical", step.critical())
                .put("onlyIf", step.onlyIf().isEmpty() ? null : step.onlyIf())
                .put("derived", step.derived() == null ? null : step.derived().toString())
                .tree();
    }

    private static Map<String, Double> terms(Closure closure) {
        Map<String, Double> terms = new java.util.LinkedHashMap<>();
        closure.terms().terms().forEach((value, factor) -> terms.put(value.toString(), factor));
        return terms;
    }

    private static Map<String, @Nullable Object> closure(Closure closure, OrderForm form) {
        JsonOut out = JsonOut.object()
                .put("id", closure.id())
                .put("terms", terms(closure))
                .put("constant", closure.constant().to(form.unit()))
                .put("tolerance", closure.tolerance().to(form.unit()));
        if (!closure.onlyIf().isEmpty()) {
            out.put("onlyIf", closure.onlyIf());
        }
        return out.tree();
    }

    public static Map<String, @Nullable Object> measures(Catalogue catalogue) {
        List<Map<String, @Nullable Object>> measures = new ArrayList<>();
        for (Measure m : catalogue.all()) {
            measures.add(JsonOut.object()
                    .put("code", m.code())
                    .put("name", m.name())
                    .put("kind", m.kind().word())
                    .put("region", m.region())
                    .put("sides", m.bothSides() ? "both" : "none")
                    .put("path", m.path())
                    .put("sdCm", m.sdCm())
                    .put("adultLowCm", m.adultLowCm())
                    .put("adultHighCm", m.adultHighCm())
                    .put(
                            "conditions",
                            m.conditions().stream().map(Condition.Aspect::key).toList())
                    .tree());
        }
        return JsonOut.document("measures/1").put("measures", measures).tree();
    }
}
