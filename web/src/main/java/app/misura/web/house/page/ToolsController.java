package app.misura.web.house.page;

import app.misura.core.length.Entry;
import app.misura.core.length.Unit;
import app.misura.web.house.Tools;
import app.misura.web.id.Texts;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house's tools with their blank ends. */
@Controller
class ToolsController {
    private static final int LONGEST_NAME = 40;
    private static final double MOST_CM = 10;

    private final Tools tools;

    ToolsController(Tools tools) {
        this.tools = tools;
    }

    /** What is typed of a tool. */
    record Typed(String name, String blank, String unit) {}

    @GetMapping("/house/tools")
    String list(Model model) {
        return page(new Typed("", "", "cm"), "", model);
    }

    private String page(Typed typed, String fault, Model model) {
        model.addAttribute("tools", tools.all());
        model.addAttribute("typed", typed);
        model.addAttribute("fault", fault);
        return "tools";
    }

    @PostMapping("/house/tools")
    String add(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String blank,
            @RequestParam(defaultValue = "cm") String unit,
            Principal who,
            Model model,
            HttpServletResponse response) {
        Unit tape = unit.equals("in") ? Unit.INCH : Unit.CM;
        String fault = fault(name, blank, tape);
        if (!fault.isEmpty()) {
            response.setStatus(422);
            return page(new Typed(name, blank, unit), fault, model);
        }
        tools.add(name, blank, tape, who.getName());
        return "redirect:/house/tools";
    }

    private static String fault(String name, String blank, Unit unit) {
        if (name.isBlank() || name.length() > LONGEST_NAME || !Texts.isOneLine(name) || name.contains(";")) {
            return "A tool has a name, in one line of at most " + LONGEST_NAME + " characters, without semicolons.";
        }
        Entry entry = Entry.parse(blank, unit);
        if (entry instanceof Entry.Refused refused) {
            return refused.sentence();
        }
        boolean plain = entry instanceof Entry.Understood understood
                && understood.stated() == null
                && understood.length().isPositive()
                && understood.length().toCm() <= MOST_CM
                && !blank.contains("+")
                && !understood.isRound();
        return plain ? "" : "A blank end is one length of at most 10 cm, such as 0.8.";
    }

    @PostMapping("/house/tools/{id}/remove")
    String remove(@PathVariable String id) {
        tools.remove(id);
        return "redirect:/house/tools";
    }
}
