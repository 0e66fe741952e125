package app.misura.web.house.page;

import app.misura.core.known.Fresh;
import app.misura.web.house.House;
import app.misura.web.house.Rules;
import app.misura.web.id.Texts;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What the house calls itself, and what is usual here. */
@Controller
class RulesController {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_ADDRESS = 500;
    private static final int LONGEST_CONSENT = 1000;
    private static final int MOST_MONTHS = 600;
    private static final int MOST_WEEKS = 52;

    private final House house;

    RulesController(House house) {
        this.house = house;
    }

    @GetMapping("/house/rules")
    String rules(Model model) {
        model.addAttribute("rules", house.rules());
        return "rules";
    }

    @PostMapping("/house/rules")
    String change(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String address,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "cm") String unit,
            @RequestParam(defaultValue = "") String consent,
            @RequestParam(defaultValue = "") String keepMonths,
            @RequestParam(defaultValue = "") String freshMonths,
            @RequestParam(defaultValue = "") String freshWeeks,
            @RequestParam(defaultValue = "judged") String sums,
            @RequestParam(defaultValue = "0") long version,
            Model model,
            HttpServletResponse response) {
        Fresh fresh = new Fresh(number(freshMonths), number(freshWeeks));
        Rules wanted = new Rules(
                name, address, paper, unit, consent, number(keepMonths), fresh, sums.equals("paper"), version);
        Optional<String> fault = fault(wanted);
        if (fault.isPresent()) {
            response.setStatus(422);
            model.addAttribute("fault", fault.get());
            model.addAttribute("rules", wanted);
            return "rules";
        }
        try {
            house.change(wanted);
        } catch (OptimisticLockingFailureException e) {
            Rules now = house.rules();
            response.setStatus(409);
            model.addAttribute(
                    "fault",
                    "Somebody changed this meanwhile: now \"" + now.name()
                            + "\". What you typed stands below; keep it once more and it is taken.");
            model.addAttribute(
                    "rules",
                    new Rules(
                            name,
                            address,
                            paper,
                            unit,
                            consent,
                            number(keepMonths),
                            fresh,
                            wanted.onPaper(),
                            now.version()));
            return "rules";
        }
        return "redirect:/house";
    }

    /** What was typed, if it is a small number; 0 if not. */
    private static int number(String typed) {
        return typed.strip().matches("\\d{1,3}") ? Integer.parseInt(typed.strip()) : 0;
    }

    private static Optional<String> fault(Rules wanted) {
        if (wanted.name().isBlank() || wanted.name().length() > LONGEST_NAME || !Texts.isOneLine(wanted.name())) {
            return Optional.of("The house has a name, in one line of at most " + LONGEST_NAME + " characters.");
        }
        if (wanted.address().length() > LONGEST_ADDRESS) {
            return Optional.of("An address has at most " + LONGEST_ADDRESS + " characters.");
        }
        if (!List.of("a4", "letter").contains(wanted.paper())
                || !List.of("cm", "in").contains(wanted.unit())) {
            return Optional.of("Say A4 or letter, and centimetres or inches.");
        }
        if (wanted.consent().isBlank() || wanted.consent().length() > LONGEST_CONSENT) {
            return Optional.of("Say what is told to a client, in at most " + LONGEST_CONSENT + " characters.");
        }
        if (wanted.keepMonths() < 1 || wanted.keepMonths() > MOST_MONTHS) {
            return Optional.of("Data are kept between 1 and " + MOST_MONTHS + " months after the last visit.");
        }
        Fresh fresh = wanted.fresh();
        if (fresh.months() < 1 || fresh.months() > MOST_MONTHS || fresh.weeks() < 1 || fresh.weeks() > MOST_WEEKS) {
            return Optional.of("A value is fresh for 1 to " + MOST_MONTHS + " months, of the young for 1 to "
                    + MOST_WEEKS + " weeks.");
        }
        return Optional.empty();
    }
}
