package app.misura.web.house;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.account.Tokens;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here, and what programs sign in with. The owner's. */
@Controller
class HouseController {
    private static final int LONGEST = 60;

    private final Accounts accounts;
    private final Tokens tokens;
    private final Clock clock;

    HouseController(Accounts accounts, Tokens tokens, Clock clock) {
        this.accounts = accounts;
        this.tokens = tokens;
        this.clock = clock;
    }

    /** A token on the page: what it is for, as whom it works, since when. */
    record Line(String id, String name, String worksAs, String since) {}

    @GetMapping("/house")
    String house(Model model) {
        model.addAttribute("form", new PersonForm());
        return page(model);
    }

    private String page(Model model) {
        List<Account> people = accounts.all();
        model.addAttribute("people", people);
        model.addAttribute("roles", List.of(Role.values()));
        model.addAttribute(
                "tokens",
                tokens.all().stream()
                        .map(t -> new Line(
                                t.id(),
                                t.name(),
                                accounts.called(t.account()),
                                Say.when(t.madeAt(), clock.getZone(), LocalDate.now(clock))))
                        .toList());
        return "house";
    }

    @PostMapping("/house/people")
    String add(@ModelAttribute("form") PersonForm form, Model model, HttpServletResponse response) {
        Optional<Role> role = Stream.of(Role.values())
                .filter(r -> r.name().equals(form.getRole()))
                .findFirst();
        Optional<String> fault = accounts.fault(form.getName(), form.getCalled(), form.getPassword());
        if (fault.isPresent() || role.isEmpty()) {
            model.addAttribute("fault", fault.orElse("Say owner, cutter, measurer or viewer."));
            response.setStatus(422);
            return page(model);
        }
        accounts.add(form.getName().strip(), form.getCalled().strip(), form.getPassword(), role.get());
        return "redirect:/house";
    }

    /** Makes a token and shows its text, this once. */
    @PostMapping("/house/tokens")
    String make(
            @RequestParam(defaultValue = "") String purpose,
            @RequestParam(defaultValue = "") String account,
            Principal who,
            Model model,
            HttpServletResponse response) {
        model.addAttribute("form", new PersonForm());
        model.addAttribute("purpose", purpose);
        if (purpose.isBlank()
                || purpose.length() > LONGEST
                || accounts.find(account).isEmpty()) {
            model.addAttribute(
                    "tokenFault", "Say what the token is for, in at most " + LONGEST + " characters, and as whom.");
            response.setStatus(422);
            return page(model);
        }
        model.addAttribute("made", tokens.make(purpose.strip(), account, who.getName()));
        model.addAttribute("purpose", "");
        response.setHeader("Cache-Control", "no-store");
        return page(model);
    }

    @PostMapping("/house/tokens/{id}/withdraw")
    String withdraw(@PathVariable String id) {
        tokens.withdraw(id);
        return "redirect:/house";
    }
}
