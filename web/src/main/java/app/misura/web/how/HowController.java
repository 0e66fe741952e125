package app.misura.web.how;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Part;
import app.misura.core.measure.Play;
import app.misura.core.proof.Bracket;
import app.misura.web.house.Judgings;
import app.misura.web.ui.FormSaid;
import app.misura.web.ui.Say;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** How it works, for somebody with a tape round the neck. What is said of forms is counted from them. */
@Controller
class HowController {
    private final OrderForms forms;
    private final Judgings judgings;

    HowController(OrderForms forms, Judgings judgings) {
        this.forms = forms;
        this.judgings = judgings;
    }

    /** A sign of a sum with what it means. */
    record Sign(String sign, String word, String means) {}

    /** A letter of a part with where the measurer is. */
    record Letter(String letter, String title, String place) {}

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
                        sign(
                                Bracket.State.ACCEPTED,
                                "They do not add up, and somebody with that right took it as it is, with a reason. It"
                                        + " falls when one of the numbers changes."),
                        sign(Bracket.State.OPEN, "Something in this sum is to be looked at again."),
                        sign(Bracket.State.TO_COME, "A number of this sum is still to be taken.")));
        model.addAttribute("people", judgings.now().norms().people());
        model.addAttribute("letters", letters());
        model.addAttribute("plays", Stream.of(Play.values()).toList());
        model.addAttribute(
                "forms",
                forms.all().stream().map(f -> FormSaid.of(f, judgings.now())).toList());
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
}
