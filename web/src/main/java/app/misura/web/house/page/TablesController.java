package app.misura.web.house.page;

import app.misura.core.house.HouseNumbers;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Play;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tables;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house's own tables: what the tape's play adds, and what a garment has over the moved body. */
@Controller
class TablesController {
    private static final String MARGIN = "margin";
    private static final List<String> WHERE = List.of("trunk", "limb", "loop");

    private final Tables tables;
    private final Accounts accounts;
    private final Clock clock;

    TablesController(Tables tables, Accounts accounts, Clock clock) {
        this.tables = tables;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A row of the table. @param cells by where the tape lies, as they are typed */
    record Row(String play, String under, String sentence, List<Cell> cells) {}

    record Cell(String name, String where, String value) {}

    record Made(int version, String when, String by) {}

    @GetMapping("/house/tables")
    String tables(Model model) {
        HouseTables now = tables.now();
        return page(now.version(), typed(now.numbers()), List.of(), model);
    }

    @PostMapping("/house/tables")
    String change(
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "0") int version,
            Principal who,
            Model model,
            HttpServletResponse response) {
        HouseNumbers numbers = read(typed);
        if (!numbers.faults().isEmpty()) {
            response.setStatus(422);
            return page(version, typed, numbers.faults(), model);
        }
        if (numbers.equals(tables.now().numbers())) {
            return "redirect:/house/tables";
        }
        try {
            tables.change(version, numbers, who.getName());
        } catch (OptimisticLockingFailureException e) {
            response.setStatus(409);
            int now = tables.now().version();
            String late = "Somebody made tables " + now
                    + " meanwhile. What you typed stands below; keep it once more and it is taken.";
            return page(now, typed, List.of(late), model);
        }
        return "redirect:/house/tables";
    }

    private String page(int version, Map<String, String> typed, List<String> faults, Model model) {
        model.addAttribute("version", version);
        model.addAttribute(
                "rows",
                Arrays.stream(Play.values())
                        .map(p -> new Row(
                                p.word(),
                                p.under(),
                                p.sentence(),
                                WHERE.stream()
                                        .map(w -> cell(p.word() + "-" + w, w, typed))
                                        .toList()))
                        .toList());
        model.addAttribute("margin", typed.getOrDefault(MARGIN, ""));
        model.addAttribute("faults", faults);
        model.addAttribute(
                "made",
                tables.made().stream()
                        .map(m -> new Made(
                                m.version(),
                                Say.when(m.at(), clock.getZone(), LocalDate.now(clock)),
                                accounts.called(m.by())))
                        .toList());
        return "tables";
    }

    private static Cell cell(String name, String where, Map<String, String> typed) {
        return new Cell(name, where, typed.getOrDefault(name, ""));
    }

    private static Map<String, String> typed(HouseNumbers numbers) {
        Map<String, String> typed = new HashMap<>();
        numbers.play().forEach((play, adds) -> {
            typed.put(play.word() + "-trunk", mm(adds.trunk()));
            typed.put(play.word() + "-limb", mm(adds.limb()));
            typed.put(play.word() + "-loop", mm(adds.loop()));
        });
        typed.put(MARGIN, mm(numbers.movementMarginMm()));
        return typed;
    }

    private static String mm(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    /** What is no number is one that cannot be so. */
    private static HouseNumbers read(Map<String, String> typed) {
        Map<Play, HouseNumbers.Adds> play = new EnumMap<>(Play.class);
        for (Play each : Play.values()) {
            play.put(
                    each,
                    new HouseNumbers.Adds(
                            number(typed, each.word() + "-trunk"),
                            number(typed, each.word() + "-limb"),
                            number(typed, each.word() + "-loop")));
        }
        return new HouseNumbers(play, number(typed, MARGIN));
    }

    private static double number(Map<String, String> typed, String name) {
        return Optional.ofNullable(typed.get(name))
                .map(t -> t.strip().replace(',', '.').replace('\u2212', '-'))
                .filter(t -> t.matches("-?\\d{1,3}(\\.\\d{1,2})?"))
                .map(Double::valueOf)
                .orElse(Double.NaN);
    }
}
