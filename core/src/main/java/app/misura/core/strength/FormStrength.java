package app.misura.core.strength;

import app.misura.core.adjust.Network;
import app.misura.core.adjust.Strength;
import app.misura.core.form.OrderForm;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.length.Length;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.Sheet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The strength of a form as it is asked with some answers, taken by careful hands.
 *
 * @param noticed values that sums check, in form order
 * @param unchecked values of the body that no sum checks, in form order
 * @param byBody those of them that the rest of the body shows, and from which size on, in form order
 * @param groups values whose errors look alike; left and right of one step alone are none
 */
public record FormStrength(
        OrderForm form,
        List<Noticed> noticed,
        List<ValueId> unchecked,
        List<Noticed> byBody,
        List<List<ValueId>> groups) {

    /** @param least the smallest error that is noticed four times of five */
    public record Noticed(ValueId value, Length least) {}

    /** The strength of a form as it is usually asked. @param judging how the house judges what is read on it */
    public static FormStrength of(OrderForm written, Judging judging) {
        Sheet blank = Sheet.blank(written, judging);
        OrderForm form = blank.form();
        Network network = SheetNetwork.of(blank, Map.of());
        Strength strength = Strength.of(network);
        List<ValueId> unchecked = network.measures().stream()
                .map(m -> ValueId.parse(m.id()))
                .filter(v -> !inSums(form, v.toString()) && isBody(form, v))
                .toList();
        Map<ValueId, Double> shown = new PlainBody(judging.norms()).noticed(blank);
        return new FormStrength(
                form,
                strength.noticed().stream()
                        .filter(n -> inSums(form, n.id()))
                        .map(n -> new Noticed(ValueId.parse(n.id()), Length.from(n.least(), form.unit())))
                        .toList(),
                unchecked,
                unchecked.stream()
                        .filter(shown::containsKey)
                        .map(v -> new Noticed(v, Length.fromMm(10 * shown.getOrDefault(v, 0.0))))
                        .toList(),
                strength.groups().stream()
                        .map(g -> g.stream().map(ValueId::parse).toList())
                        .filter(g -> g.stream().map(ValueId::step).distinct().count() > 1)
                        .toList());
    }

    /** Left and right of one step say something of each other, and never which of them is wrong: that is no check. */
    private static boolean inSums(OrderForm form, String id) {
        return form.closures().stream().anyMatch(c -> c.concerns(ValueId.parse(id)));
    }

    private static boolean isBody(OrderForm form, ValueId value) {
        return form.find(value.step())
                .filter(s -> !s.isAux() && !s.taken().code().equals("height"))
                .isPresent();
    }

    /** The value whose errors are noticed first; empty where no sum checks anything. */
    public Optional<Noticed> sharpest() {
        return noticed.stream().min(Comparator.comparing(Noticed::least));
    }

    /** The value whose errors must be largest before they are noticed. */
    public Optional<Noticed> bluntest() {
        return noticed.stream().max(Comparator.comparing(Noticed::least));
    }

    /** The middle of what is noticed, the values in the order of their sizes. */
    public Optional<Length> middle() {
        List<Length> sizes = noticed.stream().map(Noticed::least).sorted().toList();
        return sizes.isEmpty() ? Optional.empty() : Optional.of(sizes.get(sizes.size() / 2));
    }
}
