package app.misura.web.practice;

import app.misura.core.judging.Judging;
import app.misura.core.judging.Proportion;
import app.misura.core.judging.Proportions;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.proportion.Refit;
import app.misura.web.house.Judgings;
import app.misura.web.house.page.JudgingVersions;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The proportions that the house goes by, what its own bodies would make of them, and taking that into use. */
@Controller
class ProportionsController {
    private final Judgings judgings;
    private final OwnSheets sheets;
    private final JudgingVersions versions;
    private final Clock clock;

    ProportionsController(Judgings judgings, OwnSheets sheets, JudgingVersions versions, Clock clock) {
        this.judgings = judgings;
        this.sheets = sheets;
        this.versions = versions;
        this.clock = clock;
    }

    /**
     * One rule for people.
     *
     * @param now what it says, and how far bodies differ from it
     * @param would what the house's bodies would make of it; empty where they are too few
     */
    record Row(String of, String region, String now, String spread, String would, String wouldSpread, int bodies) {}

    @GetMapping("/house/proportions")
    String proportions(@RequestParam(defaultValue = "false") boolean fit, Model model) {
        Judgings.Version version = judgings.version();
        Proportions now = version.judging().proportions();
        Refit refit = Refit.of(Proportions.shipped(), fit ? sheets.bodies(now) : List.of());
        model.addAttribute("version", version.version());
        model.addAttribute("source", now.source());
        model.addAttribute("fit", fit);
        model.addAttribute("any", refit.isAny());
        model.addAttribute("least", Refit.LEAST);
        model.addAttribute(
                "most", refit.rules().stream().mapToInt(Refit.Row::bodies).max().orElse(0));
        model.addAttribute("rows", refit.rules().stream().map(r -> row(r, now)).toList());
        versions.on(model);
        return "proportions";
    }

    private static Row row(Refit.Row row, Proportions now) {
        Proportion standing = now.of(row.before().of()).orElse(row.before());
        return new Row(
                name(row.before().of()),
                row.before().about().name().toLowerCase(Locale.ROOT),
                said(standing),
                spread(standing),
                row.isFitted() ? said(row.after()) : "",
                row.isFitted() ? spread(row.after()) : "",
                row.bodies());
    }

    @PostMapping("/house/proportions")
    String use(@RequestParam int version, Principal who, RedirectAttributes said) {
        Judging now = judgings.now();
        Refit refit = Refit.of(Proportions.shipped(), sheets.bodies(now.proportions()));
        if (!refit.isAny()) {
            said.addFlashAttribute("late", "There are too few bodies for any rule; nothing was changed.");
            return "redirect:/house/proportions?fit=true";
        }
        int bodies = refit.rules().stream().mapToInt(Refit.Row::bodies).max().orElse(0);
        String source = "fitted to up to " + bodies + " bodies of this house on " + LocalDate.now(clock);
        versions.change(version, now.with(refit.proportions(source)), "proportions " + source, who.getName(), said);
        return "redirect:/house/proportions";
    }

    /** "0.58 seat girth + 2.1", every measure by its name. */
    private static String said(Proportion rule) {
        StringBuilder text = new StringBuilder();
        rule.factors().forEach((key, factor) -> {
            text.append(text.isEmpty() ? (factor < 0 ? "− " : "") : factor < 0 ? " − " : " + ");
            String size = number(Math.abs(factor), 3);
            text.append(size.equals("1") ? "" : size + " ").append(name(key).toLowerCase(Locale.ROOT));
        });
        if (Math.abs(rule.constant()) >= 0.05) {
            text.append(rule.constant() < 0 ? " − " : " + ").append(number(Math.abs(rule.constant()), 1));
        }
        return text.toString();
    }

    private static String spread(Proportion rule) {
        return number(100 * rule.spread(), 1) + " %";
    }

    private static String number(double value, int digits) {
        String text = String.format(Locale.ROOT, "%." + digits + "f", value);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    private static String name(String key) {
        MeasureKey parsed = MeasureKey.parse(key);
        String words = String.join(
                " ",
                parsed.condition().stated().values().stream()
                        .map(word -> word.equals("in") ? "breathed in" : word)
                        .toList());
        String name = Objects.requireNonNull(parsed.in(Catalogue.shipped())).name();
        return words.isEmpty() ? name : name + ", " + words;
    }
}
