package app.misura.web.security;

import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The way in, and the first owner's account of an empty house. */
@Controller
class SignInController {
    private static final Logger LOG = LoggerFactory.getLogger(SignInController.class);
    /** A code of eight digits that may be tried so often is guessed by nobody. */
    private static final int MOST_TRIES = 20;

    private final AtomicInteger tries = new AtomicInteger();
    private final Accounts accounts;
    private final String code = String.format("%08d", new SecureRandom().nextInt(100_000_000));

    SignInController(Accounts accounts) {
        this.accounts = accounts;
    }

    @EventListener(ApplicationReadyEvent.class)
    void sayCode() {
        if (accounts.isEmpty()) {
            LOG.info("No account yet. The first visit makes the owner's; its one-time code is {}", code);
        }
    }

    @GetMapping("/signin")
    String signIn() {
        return accounts.isEmpty() ? "redirect:/first" : "signin";
    }

    /** A name that failed too often: the sign-in's page says so, with the status that says it too. */
    @PostMapping("/signin/held")
    String held(@RequestParam(defaultValue = "") String name, Model model, HttpServletResponse response) {
        response.setStatus(429);
        model.addAttribute("held", name);
        return "signin";
    }

    @GetMapping("/first")
    String first(Model model) {
        if (!accounts.isEmpty()) {
            return "redirect:/signin";
        }
        model.addAttribute("name", "");
        model.addAttribute("called", "");
        return "first";
    }

    @PostMapping("/first")
    synchronized String makeFirst(
            @RequestParam String name,
            @RequestParam String called,
            @RequestParam String password,
            @RequestParam("code") String given,
            Model model,
            HttpServletResponse response) {
        if (!accounts.isEmpty()) {
            return "redirect:/signin";
        }
        Optional<String> fault = tries.incrementAndGet() > MOST_TRIES
                ? Optional.of("The code was mistaken too often. End the program and start it anew: it prints another.")
                : given.strip().equals(code)
                        ? accounts.fault(name, called, password)
                        : Optional.of("The code is not the one that the start printed.");
        if (fault.isPresent()) {
            if (given.strip().equals(code)) {
                tries.decrementAndGet();
            }
            response.setStatus(422);
            model.addAttribute("fault", fault.get());
            model.addAttribute("name", name);
            model.addAttribute("called", called);
            model.addAttribute("code", given);
            return "first";
        }
        accounts.add(name.strip(), called.strip(), password, Role.OWNER);
        return "redirect:/signin?made";
    }

    @RequestMapping("/denied")
    String denied(Model model, jakarta.servlet.http.HttpServletResponse response) {
        response.setStatus(403);
        model.addAttribute("head", "Not with this account");
        model.addAttribute("sentence", "Your account may not do this. The owner of the house can, or can say who may.");
        return "said";
    }
}
