package app.misura.web.cutting;

import app.misura.core.cut.TrousersCut;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.format.json.SheetJson;
import app.misura.core.format.sheet.CutTable;
import app.misura.core.format.svg.PieceView;
import app.misura.core.proof.Proof;
import app.misura.web.account.Accounts;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;

/** Ease and cut: a choice redraws the pieces at once, and every number can be asked where it comes from. */
@Controller
class CutController {
    private final Orders orders;
    private final CutSpecs specs;
    private final Accounts accounts;
    private final Clock clock;

    CutController(Orders orders, CutSpecs specs, Accounts accounts, Clock clock) {
        this.orders = orders;
        this.specs = specs;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A sheet that was printed before: when, and by whom. */
    record Before(String id, String when, String by) {}

    @GetMapping("/orders/{id}/cut")
    String cut(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        TrousersChoices choices = CutChoices.of(order);
        fill(model, order, choices, CutChoices.form(choices, order.version()), Map.of());
        return "cut";
    }

    @PostMapping("/orders/{id}/cut/choices")
    String choose(
            @PathVariable String id,
            @ModelAttribute CutForm form,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Model model,
            HttpServletResponse response) {
        GarmentOrder order = orders.get(id);
        TrousersChoices before = CutChoices.of(order);
        CutChoices.Read read = CutChoices.read(form, before);
        if (read.choices().isEmpty()) {
            response.setStatus(422);
            fill(model, order, before, form, read.faults());
            return target == null ? "cut" : "cut :: cut";
        }
        GarmentOrder kept = orders.choose(
                id, form.getVersion(), SheetJson.write(read.choices().get()));
        if (target == null) {
            return "redirect:/orders/" + id + "/cut";
        }
        fill(model, kept, read.choices().get(), CutChoices.form(read.choices().get(), kept.version()), Map.of());
        return "cut :: cut";
    }

    private void fill(
            Model model, GarmentOrder order, TrousersChoices choices, CutForm form, Map<String, String> faults) {
        Proof proof = Proof.of(order.sheet());
        TrousersCut.Result result = TrousersCut.of(proof, choices);
        model.addAttribute("order", order);
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
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
        if (result instanceof TrousersCut.Cut cut) {
            model.addAttribute("cut", CutTable.of(cut.spec(), order.form()));
            model.addAttribute("pieces", PieceView.svg(cut.spec()));
        } else if (result instanceof TrousersCut.Refused refused) {
            model.addAttribute("refusal", refused.sentence());
            model.addAttribute(
                    "inputs",
                    refused.inputs().stream().map(TrousersCut.Input::step).toList());
        } else if (result instanceof TrousersCut.Missing missing) {
            model.addAttribute("refusal", missing.sentence());
            model.addAttribute("inputs", missing.steps());
        } else {
            model.addAttribute("refusal", ((TrousersCut.NotCut) result).sentence());
        }
    }
}
