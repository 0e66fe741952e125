package app.misura.web.practice;

import app.misura.core.judging.Judging;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Rule;
import app.misura.core.norm.Shape;
import app.misura.core.proportion.Refit;
import app.misura.web.house.Judgings;
import app.misura.web.house.page.JudgingVersions;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
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
        Norms now = version.judging().norms();
        Refit refit = Refit.of(Norms.shipped(), fit ? sheets.bodies(now) : List.of());
        model.addAttribute("version", version.version());
        model.addAttribute("source", now.source());
        model.addAttribute("people", now.people());
        model.addAttribute("fit", fit);
        model.addAttribute("any", refit.isAny());
        model.addAttribute("least", Refit.LEAST);
        model.addAttribute("most", refit.most());
        model.addAttribute("kinds", now.shapes().stream().map(Shape::like).toList());
        model.addAttribute("measured", measured(now, refit));
        model.addAttribute("told", refit.measured());
        model.addAttribute("rows", refit.rules().stream().map(r -> row(r, now)).toList());
        versions.on(model);
        return "proportions";
    }

    private static Row row(Refit.Row row, Norms now) {
        Rule standing = now.of(row.before().of()).orElse(row.before());
        return new Row(
                name(row.before().of()),
                row.before().about().name().toLowerCase(Locale.ROOT),
                said(standing),
                spread(standing),
                row.isFitted() ? said(row.after()) : "",
                row.isFitted() ? spread(row.after()) : "",
                row.bodies());
    }

    /**
     * One measure of the people.
     *
     * @param now its middle in each shape, in cm, and how far people of that shape differ from it
     * @param would the same as the house's bodies would have it; empty where they are too few
     */
    record Measured(String of, List<String> now, List<String> would) {}

    private static List<Measured> measured(Norms now, Refit refit) {
        List<Measured> rows = new ArrayList<>();
        List<String> first =
                now.shapes().isEmpty() ? List.of() : now.shapes().get(0).of();
        for (int i = 0; i < first.size(); i++) {
            Set<String> names = new LinkedHashSet<>();
            for (Shape shape : now.shapes()) {
                names.add(name(shape.of().get(i)));
            }
            rows.add(new Measured(
                    String.join("; ", names),
                    middles(now.shapes(), i),
                    refit.isShaped() ? middles(refit.shapes(), i) : List.of()));
        }
        return rows;
    }

    private static List<String> middles(List<Shape> shapes, int measure) {
        return shapes.stream()
                .map(s -> number(s.middleCm(measure), 1) + " ± " + number(100 * s.spread(measure), 1) + " %")
                .toList();
    }

    @PostMapping("/house/proportions")
    String use(@RequestParam int version, Principal who, RedirectAttributes said) {
        Judging now = judgings.now();
        Refit refit = Refit.of(Norms.shipped(), sheets.bodies(now.norms()));
        if (!refit.isAny()) {
            said.addFlashAttribute("late", "There are too few bodies; nothing was changed.");
            return "redirect:/house/proportions?fit=true";
        }
        int bodies = refit.most();
        String source = "fitted to up to " + bodies + " bodies of this house on " + LocalDate.now(clock);
        versions.change(version, now.with(refit.norms(source)), "norms of bodies " + source, who.getName(), said);
        return "redirect:/house/proportions";
    }

    /** "0.58 seat girth + 2.1", every measure by its name. */
    private static String said(Rule rule) {
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

    private static String spread(Rule rule) {
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
