package app.misura.web.size;

import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Kind;
import app.misura.web.id.Texts;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house's tables of sizes: the owner writes them. */
@Controller
class SizesController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST = 6000;
    private static final int MOST_STRETCH = 60;

    private final HouseSizes sizes;

    SizesController(HouseSizes sizes) {
        this.sizes = sizes;
    }

    @GetMapping("/house/sizes")
    String list(Model model) {
        return page(HouseSizes.Typed.NEW, List.of(), model);
    }

    @GetMapping("/house/sizes/{id}")
    String one(@PathVariable String id, Model model) {
        return page(sizes.get(id), List.of(), model);
    }

    private String page(HouseSizes.Typed typed, List<String> faults, Model model) {
        model.addAttribute("typed", typed);
        model.addAttribute("faults", faults);
        model.addAttribute("tables", sizes.all());
        model.addAttribute(
                "codes",
                Catalogue.shipped().all().stream()
                        .filter(m -> m.kind() != Kind.WISH && m.kind() != Kind.MASS)
                        .map(m -> m.code())
                        .toList());
        return "sizes";
    }

    @PostMapping("/house/sizes")
    String keep(
            @RequestParam(defaultValue = "") String id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "0") String stretch,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "0") long version,
            Model model,
            HttpServletResponse response) {
        int percent = stretch.strip().matches("\\d{1,2}") ? Integer.parseInt(stretch.strip()) : -1;
        HouseSizes.Typed typed = new HouseSizes.Typed(id, name, percent, text, version);
        List<String> faults = faults(typed);
        if (!faults.isEmpty()) {
            response.setStatus(422);
            return page(typed, faults, model);
        }
        try {
            sizes.keep(typed);
        } catch (OptimisticLockingFailureException e) {
            HouseSizes.Typed now = sizes.get(id);
            response.setStatus(409);
            return page(
                    new HouseSizes.Typed(id, name, percent, text, now.version()),
                    List.of(
                            "Somebody changed this table meanwhile. What you typed stands below; keep it once more and it"
                                    + " is taken."),
                    model);
        }
        return "redirect:/house/sizes";
    }

    private static List<String> faults(HouseSizes.Typed typed) {
        List<String> faults = new ArrayList<>();
        if (typed.name().isBlank() || typed.name().length() > LONGEST_NAME || !Texts.isOneLine(typed.name())) {
            faults.add("A table has a name, in one line of at most " + LONGEST_NAME + " characters.");
        }
        if (typed.stretchPercent() < 0 || typed.stretchPercent() > MOST_STRETCH) {
            faults.add("Cloth gives way by 0 to " + MOST_STRETCH + " percent.");
        }
        if (typed.text().length() > LONGEST) {
            faults.add("A table has at most " + LONGEST + " characters.");
        } else {
            faults.addAll(typed.read().faults());
        }
        return faults;
    }

    @PostMapping("/house/sizes/{id}/delete")
    String delete(@PathVariable String id) {
        sizes.delete(id);
        return "redirect:/house/sizes";
    }
}
