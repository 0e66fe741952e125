package app.misura.web.cutting;

import app.misura.core.cut.Cutting;
import app.misura.core.format.sheet.CutTable;
import app.misura.core.format.svg.PieceView;
import app.misura.core.garment.ChoiceDef;
import app.misura.core.garment.ChoiceSheet;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.length.Unit;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tables;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Say;
import app.misura.web.ui.Who;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Ease and cut: a choice redraws the pieces at once, and every number can be asked where it comes from. */
@Controller
class CutController {
    private final Orders orders;
    private final OrderLife life;
    private final CutSpecs specs;
    private final Accounts accounts;
    private final Clock clock;
    private final Tables tables;

    CutController(Orders orders, OrderLife life, CutSpecs specs, Accounts accounts, Clock clock, Tables tables) {
        this.tables = tables;
        this.orders = orders;
        this.life = life;
        this.specs = specs;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A sheet that was printed before: when, and by whom. */
    record Before(String id, String when, String by) {}

    /** One choice as it stands on the page. @param fault why what was typed cannot be; null if it can */
    record ChoiceView(
            ChoiceDef def,
            String value,
            String unit,
            @Nullable String fault) {
        /** Few short words lie side by side; more stand in a list. */
        public boolean isSwitch() {
            String all = String.join("", def.words());
            return def.isPick() && all.length() <= 18 && all.chars().noneMatch(Character::isDigit);
        }

        public String label() {
            return def.isPick() ? def.title() : def.title() + ", " + unit;
        }
    }

    @GetMapping("/orders/{id}/cut")
    String cut(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        Choices choices = CutChoices.of(order);
        fill(model, order, choices, choices.sheet().typed(choices, order.sheet().unit()), Map.of());
        return "cut";
    }

    @PostMapping("/orders/{id}/cut/choices")
    String choose(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @RequestParam long version,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Model model,
            HttpServletResponse response) {
        GarmentOrder order = orders.get(id);
        Choices before = CutChoices.of(order);
        ChoiceSheet.Read read = before.sheet().read(typed, before, order.sheet().unit());
        if (read.choices().isEmpty()) {
            response.setStatus(422);
            fill(model, order, before, typed, read.faults());
            return target == null ? "cut" : "cut :: cut";
        }
        Choices chosen = read.choices().get();
        GarmentOrder kept;
        try {
            kept = life.choose(id, version, CutChoices.kept(order).with(chosen).write(CutChoices.garments(order)));
        } catch (OptimisticLockingFailureException e) {
            response.setStatus(409);
            model.addAttribute(
                    "late",
                    "Somebody changed this order meanwhile; the numbers are as they chose. What you chose stands in the"
                            + " switches: choose once more, and it is taken.");
            fill(model, orders.get(id), before, typed, Map.of());
            return target == null ? "cut" : "cut :: cut";
        }
        if (target == null) {
            return "redirect:/orders/" + id + "/cut";
        }
        fill(model, kept, chosen, chosen.sheet().typed(chosen, order.sheet().unit()), Map.of());
        return "cut :: cut";
    }

    /** Another garment of the same sheet; what was chosen for each stays with it. */
    @PostMapping("/orders/{id}/cut/garment")
    String turn(@PathVariable String id, @RequestParam long version, @RequestParam String garment) {
        GarmentOrder order = orders.get(id);
        List<Garment> all = CutChoices.garments(order);
        if (all.stream().noneMatch(g -> g.id().equals(garment))) {
            throw new NotThere("No such garment is cut from this sheet.");
        }
        life.choose(id, version, CutChoices.kept(order).turnedTo(garment).write(all));
        return "redirect:/orders/" + id + "/cut";
    }

    /** By the tables that stand now, where the order was opened under others. */
    @PostMapping("/orders/{id}/cut/tables")
    String tables(@PathVariable String id, @RequestParam long version, @RequestParam int tables) {
        if (tables != this.tables.now().version()) {
            throw new NotThere("Tables " + tables + " do not stand any more.");
        }
        life.cutByTablesOf(id, version, tables);
        return "redirect:/orders/" + id + "/cut";
    }

    private static List<ChoiceView> views(
            ChoiceSheet sheet, Unit tape, Map<String, String> typed, Map<String, String> faults) {
        List<ChoiceView> views = new ArrayList<>();
        for (ChoiceDef def : sheet.defs()) {
            views.add(new ChoiceView(def, typed.getOrDefault(def.id(), ""), def.unit(tape), faults.get(def.id())));
        }
        return views;
    }

    private void fill(
            Model model, GarmentOrder order, Choices choices, Map<String, String> typed, Map<String, String> faults) {
        Proof proof = Proof.of(order.sheet());
        model.addAttribute("lookAgain", order.course().lookAgain());
        Cutting.Result result = CutChoices.cut(order, proof, choices);
        model.addAttribute("order", order);
        Who.onlyReading(order.stage().isEnded(), model);
        specs.outOfDate(order, proof)
                .ifPresent(old -> model.addAttribute(
                        "old",
                        "The sheet printed " + Say.when(old.at(), clock.getZone(), LocalDate.now(clock))
                                + " is out of date: do not cut by it. Changed since: "
                                + String.join(", ", old.changed())
                                + "."));
        int newest = tables.now().version();
        model.addAttribute("newer", newest > order.tables().version() ? newest : null);
        model.addAttribute("garments", CutChoices.garments(order));
        model.addAttribute("garment", CutChoices.garment(order).id());
        model.addAttribute("crumb", order.crumb(Crumb.At.CUT));
        model.addAttribute("choices", views(choices.sheet(), order.sheet().unit(), typed, faults));
        model.addAttribute("sentence", proof.sentence());
        model.addAttribute("open", proof.verdict() == Proof.Verdict.FAULTS);
        model.addAttribute("inputs", List.of());
        model.addAttribute(
                "printed",
                specs.of(order.id()).stream()
                        .map(p -> new Before(
                                p.id(),
                                Say.when(p.at(), clock.getZone(), LocalDate.now(clock)),
                                accounts.called(p.by())))
                        .toList());
        if (result instanceof Cutting.Cut cut) {
            model.addAttribute("cut", CutTable.of(cut.spec(), order.form()));
            model.addAttribute("tape", cut.spec().tape());
            model.addAttribute("holdsSign", Say.sign(Bracket.State.CLOSED));
            model.addAttribute("failsSign", Say.sign(Bracket.State.WRONG));
            model.addAttribute("pieces", cut.spec().isDrawn() ? PieceView.svg(cut.spec()) : "");
        } else {
            refused(model, result);
        }
    }

    private static void refused(Model model, Cutting.Result result) {
        model.addAttribute("refusal", result.sentence());
        if (result instanceof Cutting.Refused refused) {
            model.addAttribute(
                    "inputs", refused.inputs().stream().map(Cutting.Input::step).toList());
        } else if (result instanceof Cutting.Missing missing) {
            model.addAttribute("inputs", missing.steps());
        }
    }
}
