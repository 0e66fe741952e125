package app.misura.web.house.page;

import app.misura.core.judging.Judging;
import app.misura.web.account.Accounts;
import app.misura.web.house.Judgings;
import app.misura.web.ui.Say;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The versions of how the house judges, and the way back to one. */
@Controller
public class JudgingVersions {
    private final Judgings judgings;
    private final Accounts accounts;
    private final Clock clock;

    JudgingVersions(Judgings judgings, Accounts accounts, Clock clock) {
        this.judgings = judgings;
        this.accounts = accounts;
        this.clock = clock;
    }

    record Made(int version, String what, String when, String by) {}

    /** Puts the versions on a page that changes one. */
    public void on(Model model) {
        model.addAttribute("judgingNow", judgings.version().version());
        model.addAttribute(
                "made",
                judgings.made().stream()
                        .map(m -> new Made(
                                m.version(),
                                m.what(),
                                Say.when(m.at(), clock.getZone(), LocalDate.now(clock)),
                                accounts.called(m.by())))
                        .toList());
    }

    /** Keeps a change; what stands in its way is said on the page that comes next. */
    public void change(int before, Judging wanted, String what, String by, RedirectAttributes said) {
        told(() -> judgings.change(before, wanted, what, by), said);
    }

    private static void told(Runnable change, RedirectAttributes said) {
        try {
            change.run();
        } catch (OptimisticLockingFailureException e) {
            said.addFlashAttribute("late", "Somebody changed how the house judges meanwhile; look once more.");
        } catch (IllegalArgumentException e) {
            said.addFlashAttribute("late", e.getMessage());
        }
    }

    @PostMapping("/house/judging/back")
    String back(
            @RequestParam int now,
            @RequestParam int version,
            @RequestParam(defaultValue = "checks") String from,
            Principal who,
            RedirectAttributes said) {
        told(() -> judgings.back(now, version, who.getName()), said);
        return "redirect:/house/" + (from.matches("proportions|hands") ? from : "checks");
    }
}
