package app.misura.web.ui;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.judging.Judging;
import app.misura.core.length.LengthText;
import app.misura.core.reading.Sheet;
import app.misura.core.ready.Ready;
import app.misura.core.strength.FormStrength;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a form will and will not do, said before it is chosen; counted from the form as it is usually asked. */
public record FormSaid(String title, String steps, String checks, String ends) {
    /** @param judging how the house judges what is read on it */
    public static FormSaid of(OrderForm written, Judging judging) {
        OrderForm form = written.asAsked(Map.of());
        List<Step> readings =
                form.asked(Map.of()).stream().filter(Step::takesReadings).toList();
        return new FormSaid(
                form.title(),
                readings.size() + " readings, about " + Ready.minutes(Sheet.blank(written, judging)) + " minutes",
                checks(form, readings, judging),
                ends(written));
    }

    /** How well a form checks itself: how many of its readings stand in a sum. */
    private static String checks(OrderForm form, List<Step> readings, Judging judging) {
        List<Closure> sums = form.closures();
        if (sums.isEmpty()) {
            return "no sum: nothing checks the lengths";
        }
        long checked = readings.stream()
                .filter(s -> sums.stream().anyMatch(c -> c.concerns(s.label())))
                .count();
        return (sums.size() == 1 ? "1 sum" : sums.size() + " sums") + ", over " + checked + " of " + readings.size()
                + " readings" + noticed(form, judging);
    }

    /** From which size on a slip in the middle one of its sums is noticed. */
    private static String noticed(OrderForm form, Judging judging) {
        return FormStrength.of(form, judging)
                .middle()
                .map(least -> ", where a slip of about " + LengthText.rounded(least, form.increment()) + " "
                        + form.unit().symbol() + " mostly shows")
                .orElse("");
    }

    private static String ends(OrderForm form) {
        return form.isForUntrained()
                ? cut(form) + "; photographs from the front, the side and the back belong to it"
                : cut(form);
    }

    private static String cut(OrderForm form) {
        Optional<Garment> garment = Garments.shipped().of(form);
        if (!form.cuts() && form.whole() != null) {
            return "it is proved, and nothing is cut from it; what is read can go on into "
                    + form.whole().title();
        }
        if (!form.cuts() || garment.isEmpty()) {
            return "it is proved, and nothing is cut from it";
        }
        return garment.get().isDrawn() ? "ends in pieces at their true size" : "ends in a table of finished measures";
    }

    public String whole() {
        return steps + "; " + checks + "; " + ends + ".";
    }
}
