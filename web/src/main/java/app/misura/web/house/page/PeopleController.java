package app.misura.web.house.page;

import app.misura.web.account.Account;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.account.Tokens;
import app.misura.web.door.Door;
import app.misura.web.id.NotThere;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One person of the house, as the owner looks after them. Each change is written down at the door. */
@Controller
class PeopleController {
    private final Accounts accounts;
    private final Tokens tokens;
    private final Door door;

    PeopleController(Accounts accounts, Tokens tokens, Door door) {
        this.accounts = accounts;
        this.tokens = tokens;
        this.door = door;
    }

    @GetMapping("/house/people/{name}")
    String person(@PathVariable String name, Model model) {
        Account person = accounts.find(name)
                .filter(a -> !a.removed())
                .orElseThrow(() -> new NotThere("Nobody signs in as " + name + "."));
        model.addAttribute("person", person);
        model.addAttribute("roles", List.of(Role.values()));
        return "person";
    }

    private String done(
            String name,
            Optional<String> fault,
            String what,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (fault.isPresent()) {
            response.setStatus(422);
            model.addAttribute("fault", fault.get());
            return person(name, model);
        }
        door.note(Door.Kind.ACCOUNT, by.getName(), request.getRemoteAddr(), what + " " + name);
        return accounts.find(name).filter(a -> !a.removed()).isPresent()
                ? "redirect:/house/people/" + name
                : "redirect:/house";
    }

    @PostMapping("/house/people/{name}")
    String change(
            @PathVariable String name,
            @RequestParam(defaultValue = "") String called,
            @RequestParam(defaultValue = "") String role,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<Role> wanted =
                Stream.of(Role.values()).filter(r -> r.name().equals(role)).findFirst();
        Optional<String> fault = wanted.isEmpty()
                ? Optional.of("Say owner, cutter, measurer or viewer.")
                : accounts.change(name, called, wanted.get());
        return done(name, fault, "changed", by, request, response, model);
    }

    @PostMapping("/house/people/{name}/lock")
    String lock(
            @PathVariable String name,
            @RequestParam boolean locked,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<String> fault = accounts.lock(name, locked);
        return done(name, fault, locked ? "locked" : "let in again", by, request, response, model);
    }

    @PostMapping("/house/people/{name}/end")
    String end(
            @PathVariable String name,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        accounts.end(name);
        return done(name, Optional.empty(), "signed out", by, request, response, model);
    }

    @PostMapping("/house/people/{name}/remove")
    String remove(
            @PathVariable String name,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<String> fault = accounts.remove(name);
        if (fault.isEmpty()) {
            tokens.withdrawAllOf(name);
        }
        return done(name, fault, "removed", by, request, response, model);
    }

    /** Gives a password for one sign-in, and shows it this once. */
    @PostMapping("/house/people/{name}/reset")
    String reset(
            @PathVariable String name,
            Principal by,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        model.addAttribute("made", accounts.reset(name));
        door.note(
                Door.Kind.ACCOUNT, by.getName(), request.getRemoteAddr(), "gave a password for one sign-in to " + name);
        response.setHeader("Cache-Control", "no-store");
        return person(name, model);
    }
}
