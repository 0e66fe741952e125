package app.misura.web.how;

import app.misura.core.form.Closure;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.measure.Play;
import app.misura.core.proof.Bracket;
import app.misura.web.ui.Say;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** How it works, for somebody with a tape round the neck. What is said of forms is counted from them. */
@Controller
class HowController {
    private final OrderForms forms;

    HowController(OrderForms forms) {
        this.forms = forms;
    }

    /** A sign of a sum with what it means. */
    record Sign(String sign, String word, String means) {}

    /** A letter of a part with where the measurer is. */
    record Letter(String letter, String title, String place) {}

    /** A form, said before it is chosen. */
    record Said(String title, String steps, String checks, String ends) {}

    @GetMapping("/how")
    String how(Model model) {
        model.addAttribute(
                "signs",
                List.of(
                        sign(Bracket.State.CLOSED, "The numbers that must add up do, within what the form allows."),
                        sign(Bracket.State.GAP, "A little more is missing than the form allows. Look, before you cut."),
                        sign(
                                Bracket.State.WRONG,
                                "They cannot be one body. The proof says which number, and what to take again."),
                        sign(Bracket.State.OPEN, "Something in this sum is to be looked at again."),
                        sign(Bracket.State.TO_COME, "A number of this sum is still to be taken.")));
        model.addAttribute("letters", letters());
        model.addAttribute("plays", Stream.of(Play.values()).toList());
        model.addAttribute(
                "forms", forms.all().stream().map(HowController::said).toList());
        return "how";
    }

    private static Sign sign(Bracket.State state, String means) {
        return new Sign(Say.sign(state), state.word(), means);
    }

    /** Every letter that a form has, once, in the house order. */
    private List<Letter> letters() {
        Map<String, Letter> letters = new LinkedHashMap<>();
        for (String letter : List.of("P", "D", "U", "B", "C", "A", "S", "M", "W")) {
            for (OrderForm form : forms.all()) {
                for (Part part : form.parts()) {
                    if (part.letter().equals(letter)) {
                        letters.putIfAbsent(letter, new Letter(letter, part.title(), part.place()));
                    }
                }
            }
        }
        return List.copyOf(letters.values());
    }

    private static Said said(OrderForm form) {
        long steps = form.steps().stream().filter(Step::takesReadings).count();
        return new Said(form.title(), steps + " readings", checks(form, steps), ends(form));
    }

    /** How well a form checks itself: how many of its readings stand in a sum. */
    private static String checks(OrderForm form, long steps) {
        List<Closure> sums = form.closures();
        if (sums.isEmpty()) {
            return "no sum: nothing checks the lengths";
        }
        long checked = form.steps().stream()
                .filter(Step::takesReadings)
                .filter(s -> sums.stream().anyMatch(c -> c.concerns(s.label())))
                .count();
        return (sums.size() == 1 ? "1 sum" : sums.size() + " sums") + ", over " + checked + " of " + steps
                + " readings";
    }

    private static String ends(OrderForm form) {
        Optional<Garment> garment = Garments.shipped().of(form);
        List<String> ends = new ArrayList<>();
        if (!form.cuts() || garment.isEmpty()) {
            ends.add("is proved; nothing is cut from it");
        } else {
            ends.add(
                    garment.get().isDrawn()
                            ? "ends in pieces at their true size"
                            : "ends in a table of finished measures");
        }
        return String.join("; ", ends);
    }
}
