package app.misura.web.how;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.strength.Addition;
import app.misura.core.strength.FormStrength;
import app.misura.web.house.Judgings;
import app.misura.web.ui.FormSaid;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Every form with what it checks of itself, so that one is chosen knowingly and a step is added where it tells most. */
@Controller
class FormsController {
    private final OrderForms forms;

    private final Judgings judgings;

    /** Worked out once: a form that ships does not change while the house is open. What the house judges by may. */
    private volatile @Nullable Worked worked;

    private record Worked(Judging judging, List<FormView> views) {}

    FormsController(OrderForms forms, Judgings judgings) {
        this.forms = forms;
        this.judgings = judgings;
    }

    /** @param share of the longest bar, 0 to 100: the larger the error must be, the longer */
    record NoticedView(String label, String name, String least, int share) {}

    /** @param alike groups that cannot be told apart: "S3, S4, S5" @param add what would add most; empty if nothing */
    record FormView(
            String id,
            String title,
            String said,
            List<NoticedView> noticed,
            String unchecked,
            String byBody,
            List<String> alike,
            String add) {}

    @GetMapping("/forms")
    String forms(Model model) {
        model.addAttribute("forms", views(judgings.now()));
        return "forms";
    }

    private List<FormView> views(Judging judging) {
        Worked known = worked;
        if (known == null || !known.judging().equals(judging)) {
            known = new Worked(
                    judging, forms.all().stream().map(f -> view(f, judging)).toList());
            worked = known;
        }
        return known.views();
    }

    private FormView view(OrderForm form, Judging judging) {
        FormStrength strength = FormStrength.of(form, judging);
        double longest = strength.bluntest().map(n -> n.least().toMm()).orElse(1.0);
        return new FormView(
                form.id(),
                form.title(),
                FormSaid.of(form, judging).whole(),
                strength.noticed().stream()
                        .map(n -> new NoticedView(
                                n.value().toString(), name(n.value(), form), said(n.least(), form), (int)
                                        Math.round(100 * n.least().toMm() / longest)))
                        .toList(),
                ids(strength.unchecked()),
                strength.byBody().stream()
                        .map(n -> n.value() + " " + said(n.least(), form))
                        .collect(Collectors.joining(", ")),
                strength.groups().stream().map(FormsController::ids).toList(),
                Addition.best(form, judging, forms).map(FormsController::said).orElse(""));
    }

    private static String name(ValueId value, OrderForm form) {
        return form.step(value.step()).name();
    }

    private static String said(Length least, OrderForm form) {
        return LengthText.rounded(least, form.increment()) + " " + form.unit().symbol();
    }

    private static String ids(List<ValueId> values) {
        return values.stream().map(ValueId::toString).collect(Collectors.joining(", "));
    }

    private static String said(Addition addition) {
        return String.join(" and ", addition.steps()) + " would close a sum (" + addition.sum() + ") and check "
                + ids(addition.checks());
    }
}
