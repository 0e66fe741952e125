package app.misura.web.house.page;

import app.misura.core.finding.Severity;
import app.misura.core.judging.Check;
import app.misura.core.judging.Judging;
import app.misura.web.house.Judgings;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is checked on every sheet, why, and how much each check weighs in this house. */
@Controller
class ChecksController {
    private final Judgings judgings;
    private final JudgingVersions versions;

    ChecksController(Judgings judgings, JudgingVersions versions) {
        this.judgings = judgings;
        this.versions = versions;
    }

    /** A check as it stands, or as it was typed. @param tolerance empty where nothing is to be typed */
    record Row(Check check, String severity, String tolerance, boolean own) {}

    @GetMapping("/house/checks")
    String checks(Model model) {
        return page(judgings.version(), Map.of(), List.of(), model);
    }

    @PostMapping("/house/checks")
    String change(
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "0") int version,
            Principal who,
            Model model,
            HttpServletResponse response) {
        Judgings.Version now = judgings.version();
        List<String> faults = new ArrayList<>();
        Map<String, Judging.Setting> settings = new LinkedHashMap<>();
        List<String> changed = new ArrayList<>();
        for (Check check : Check.all()) {
            Judging.Setting setting = check.isOpen() ? setting(check, typed, now.judging(), faults) : null;
            if (setting != null) {
                if (!isUsual(check, setting)) {
                    settings.put(check.id(), setting);
                }
                if (!setting.equals(standing(check, now.judging()))) {
                    changed.add(check.name().toLowerCase(Locale.ROOT));
                }
            }
        }
        Judging wanted = now.judging();
        if (faults.isEmpty()) {
            try {
                wanted = now.judging().with(settings);
            } catch (IllegalArgumentException e) {
                faults.add(Objects.requireNonNull(e.getMessage()));
            }
        }
        if (!faults.isEmpty()) {
            response.setStatus(422);
            return page(new Judgings.Version(version, now.judging()), typed, faults, model);
        }
        if (changed.isEmpty()) {
            return "redirect:/house/checks";
        }
        try {
            judgings.change(version, wanted, shortened("checks: " + String.join(", ", changed)), who.getName());
        } catch (OptimisticLockingFailureException e) {
            response.setStatus(409);
            return page(
                    judgings.version(),
                    typed,
                    List.of("Somebody changed how the house judges meanwhile. What you typed stands below; keep it once"
                            + " more and it is taken."),
                    model);
        }
        return "redirect:/house/checks";
    }

    private static String shortened(String text) {
        return text.length() > 200 ? text.substring(0, 199) + "…" : text;
    }

    private static Judging.Setting standing(Check check, Judging judging) {
        return new Judging.Setting(
                judging.severity(check.id()), check.tolerance() == null ? 0 : judging.tolerance(check.id()));
    }

    private static boolean isUsual(Check check, Judging.Setting setting) {
        return setting.equals(standing(check, Judging.usual()));
    }

    private static Judging.@Nullable Setting setting(
            Check check, Map<String, String> typed, Judging now, List<String> faults) {
        Severity severity = check.may().stream()
                .filter(s -> s.word().equals(typed.get(check.id())))
                .findFirst()
                .orElse(now.severity(check.id()));
        Check.Tolerance tolerance = check.tolerance();
        if (tolerance == null) {
            return new Judging.Setting(severity, 0);
        }
        String text = typed.getOrDefault(check.id() + "-tolerance", "").strip().replace(',', '.');
        if (!text.matches("\\d{1,3}(\\.\\d{1,2})?")) {
            faults.add(check.name() + ": " + tolerance.name() + " is a number between " + number(tolerance.low())
                    + " and " + number(tolerance.high()) + ", such as " + number(tolerance.usual()) + ".");
            return null;
        }
        return new Judging.Setting(severity, Double.parseDouble(text));
    }

    private String page(Judgings.Version version, Map<String, String> typed, List<String> faults, Model model) {
        model.addAttribute("version", version.version());
        model.addAttribute("faults", faults);
        model.addAttribute(
                "rows",
                Check.all().stream()
                        .map(check -> row(check, version.judging(), typed))
                        .toList());
        versions.on(model);
        return "checks";
    }

    private static Row row(Check check, Judging judging, Map<String, String> typed) {
        Judging.Setting standing = standing(check, judging);
        return new Row(
                check,
                typed.getOrDefault(check.id(), standing.severity().word()),
                check.tolerance() == null
                        ? ""
                        : typed.getOrDefault(check.id() + "-tolerance", number(standing.tolerance())),
                !isUsual(check, standing));
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
