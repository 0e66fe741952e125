package app.misura.web.measuring;

import app.misura.core.form.Step;
import app.misura.core.measure.Side;
import app.misura.core.reading.Judged;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.NewReading;
import app.misura.web.order.OrderProof;
import app.misura.web.order.Orders;
import app.misura.web.order.StoredReading;
import app.misura.web.store.NotThere;
import app.misura.web.ui.FigureView;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** Taking the measures: one step at a time, each reading kept when it is entered. */
@Controller
class MeasureController {
    private static final int LONGEST_SHOWN = 200;

    private final Orders orders;
    private final MeasureDesk desk;
    private final Clock clock;

    MeasureController(Orders orders, MeasureDesk desk, Clock clock) {
        this.orders = orders;
        this.desk = desk;
        this.clock = clock;
    }

    @GetMapping("/orders/{id}/measure")
    String measure(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String step,
            @RequestParam(required = false) @Nullable String side,
            @RequestParam(name = "view", required = false) @Nullable String turned,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Model model) {
        show(model, orders.get(id), step, side(side), MeasureDesk.Heard.NOTHING, turned);
        return page(target);
    }

    private MeasureView show(
            Model model,
            GarmentOrder order,
            @Nullable String step,
            @Nullable Side side,
            MeasureDesk.Heard heard,
            @Nullable String turned) {
        MeasureView view = desk.view(order, step, side, heard);
        model.addAttribute("view", view);
        model.addAttribute(
                "figure",
                FigureView.of(view.proof(), order.form().step(view.step().label()), turned));
        return view;
    }

    private static String page(@Nullable String target) {
        return "measure".equals(target) ? "measure :: measure" : "measure";
    }

    private static @Nullable Side side(@Nullable String word) {
        return "left".equals(word) ? Side.LEFT : "right".equals(word) ? Side.RIGHT : null;
    }

    @PostMapping("/orders/{id}/measure")
    String keep(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(required = false) @Nullable String side,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String confirm,
            @RequestParam(defaultValue = "go") String then,
            @RequestParam(required = false) @Nullable String key,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Principal who,
            Model model,
            HttpServletResponse response) {
        GarmentOrder order = orders.get(id);
        Step asked = order.form()
                .find(step)
                .filter(Step::takesReadings)
                .orElseThrow(() -> new NotThere("This form has no step " + clip(step) + " that takes a reading."));
        Sheet.Slot slot = slot(order, asked, side(side));
        Judged judged =
                Judged.of(text, asked, order.form(), order.sheet().spanScale().orElse(null));
        boolean confirmed = judged instanceof Judged.Unusual && confirm.equals(text);
        if (judged instanceof Judged.Kept || confirmed) {
            keep(order, slot, text, judged, key, who.getName());
            return after(id, asked, slot, then, target, model);
        }
        response.setStatus(422);
        String tone = judged instanceof Judged.Unusual ? "doubt" : "wrong";
        show(
                model,
                order,
                step,
                slot.side(),
                new MeasureDesk.Heard(text, judged.sentence(), tone, judged instanceof Judged.Unusual ? text : ""),
                null);
        return page(target);
    }

    private static String clip(String text) {
        return text.length() > LONGEST_SHOWN ? text.substring(0, LONGEST_SHOWN) : text;
    }

    private static Sheet.Slot slot(GarmentOrder order, Step step, @Nullable Side side) {
        List<Sheet.Slot> slots = order.sheet().slots().stream()
                .filter(s -> s.step().equals(step))
                .toList();
        if (slots.isEmpty()) {
            throw new NotThere("Step " + step.label() + " is not asked for in this order.");
        }
        return slots.stream()
                .filter(s -> s.isOneOfBoth() && s.side() == side)
                .findFirst()
                .orElse(slots.get(0));
    }

    private void keep(
            GarmentOrder order, Sheet.Slot slot, String text, Judged judged, @Nullable String key, String by) {
        var length = judged instanceof Judged.Kept kept ? kept.length() : ((Judged.Unusual) judged).length();
        orders.keep(
                order.id(),
                List.of(new NewReading(
                        new Reading(
                                slot.step().label(),
                                slot.side(),
                                text,
                                length,
                                slot.step().play(),
                                clock.instant(),
                                by,
                                null,
                                null),
                        key == null || key.isBlank() || key.length() > 60 ? null : key)));
    }

    /** Goes on: to the other side, to a second try that must agree, or to the next step that waits. */
    private String after(String id, Step step, Sheet.Slot slot, String then, @Nullable String target, Model model) {
        GarmentOrder order = orders.get(id);
        Next next = then.equals("again") ? new Next(step.label(), slot.side()) : next(order, step);
        if (target == null) {
            String side = next.side() == null ? "" : "&side=" + next.side().word();
            return "redirect:/orders/" + id + "/measure?step=" + next.step() + side;
        }
        MeasureView view = show(model, order, next.step(), next.side(), MeasureDesk.Heard.NOTHING, null);
        model.addAttribute("said", said(order, step, slot, view));
        return page(target);
    }

    private record Next(String step, @Nullable Side side) {}

    private static Next next(GarmentOrder order, Step step) {
        OrderProof proof = OrderProof.of(order);
        for (Sheet.Slot slot : order.sheet().slots()) {
            if (slot.step().equals(step) && !proof.proof().settled().containsKey(slot.id())) {
                return new Next(step.label(), slot.side());
            }
        }
        boolean oneMore = proof.proof().findings().stream()
                .anyMatch(f -> f.rule().equals("agreement") && f.steps().contains(step.label()));
        if (oneMore && tries(order, step) < 3) {
            return new Next(step.label(), null);
        }
        List<Step> steps = order.form().asked(order.answers()).stream()
                .filter(s -> !s.isDerived())
                .toList();
        int at = steps.indexOf(step);
        for (int i = 1; i <= steps.size(); i++) {
            Step candidate = steps.get((at + i) % steps.size());
            boolean waits = candidate.isMark()
                    ? !order.marks().contains(candidate.label())
                    : order.sheet().slots().stream()
                            .filter(s -> s.step().equals(candidate))
                            .anyMatch(s -> !proof.proof().settled().containsKey(s.id()));
            if (waits) {
                return new Next(candidate.label(), null);
            }
        }
        return new Next(steps.get(Math.min(at + 1, steps.size() - 1)).label(), null);
    }

    private static long tries(GarmentOrder order, Step step) {
        return order.sheet().readings().stream()
                .filter(r -> r.counts() && r.step().equals(step.label()))
                .count();
    }

    /** What is said politely once a reading is kept: the value, what waits, what comes next. */
    private static String said(GarmentOrder order, Step step, Sheet.Slot slot, MeasureView view) {
        String value = order.sheet().tries(slot).stream()
                .reduce((a, b) -> b)
                .map(r -> r.length() == null
                        ? "none"
                        : app.misura.core.length.LengthText.column(
                                r.length(), order.form().unit()))
                .orElse("");
        String sums = view.spoken().stream()
                .filter(s -> s.contains(step.label()))
                .findFirst()
                .map(s -> " " + s + ".")
                .orElse("");
        return "Kept " + value + "." + sums + " Next: " + view.step().label() + ", "
                + view.step().name().toLowerCase(Locale.ROOT) + ".";
    }

    @PostMapping("/orders/{id}/marks")
    String mark(
            @PathVariable String id,
            @RequestParam String step,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Principal who,
            Model model) {
        GarmentOrder order = orders.get(id);
        Step mark = order.form()
                .find(step)
                .filter(Step::isMark)
                .orElseThrow(() -> new NotThere("This form has no mark " + clip(step) + "."));
        orders.setMark(id, mark.label(), who.getName());
        GarmentOrder now = orders.get(id);
        Next next = next(now, mark);
        if (target == null) {
            return "redirect:/orders/" + id + "/measure?step=" + next.step();
        }
        show(model, now, next.step(), null, MeasureDesk.Heard.NOTHING, null);
        return page(target);
    }

    @PostMapping("/orders/{id}/strike")
    String strike(
            @PathVariable String id,
            @RequestParam String reading,
            @RequestParam(defaultValue = "") String reason,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Principal who,
            Model model) {
        GarmentOrder order = orders.get(id);
        Optional<StoredReading> stored =
                order.readings().stream().filter(r -> r.id().equals(reading)).findFirst();
        Reading struck = stored.orElseThrow(() -> new NotThere("This reading is not on this order."))
                .reading();
        String why = reason.isBlank() ? "taken again" : reason.strip();
        orders.strike(id, reading, why.length() > 200 ? why.substring(0, 200) : why, who.getName());
        if (target == null) {
            return "redirect:/orders/" + id + "/measure?step=" + struck.step();
        }
        show(model, orders.get(id), struck.step(), struck.side(), MeasureDesk.Heard.NOTHING, null);
        return page(target);
    }

    /** What would be understood of a text, while it is typed. Never whether a sum would close. */
    @GetMapping("/orders/{id}/measure/heard")
    String heard(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        GarmentOrder order = orders.get(id);
        Step asked = order.form()
                .find(step)
                .filter(Step::takesReadings)
                .orElseThrow(() -> new NotThere("This form has no such step."));
        if (text.isBlank()) {
            model.addAttribute("heard", "");
            model.addAttribute("tone", "soft");
            return "measure :: heard";
        }
        Judged judged =
                Judged.of(text, asked, order.form(), order.sheet().spanScale().orElse(null));
        model.addAttribute("heard", judged.sentence());
        model.addAttribute(
                "tone",
                judged instanceof Judged.Kept kept
                        ? (kept.snapped() ? "ink" : "soft")
                        : judged instanceof Judged.Unusual ? "doubt" : "wrong");
        return "measure :: heard";
    }

    /** The ladder alone, where readings came from elsewhere since the page last looked; else nothing. */
    @GetMapping("/orders/{id}/measure/ladder")
    Object ladder(@PathVariable String id, @RequestParam String step, @RequestParam int seen, Model model) {
        GarmentOrder order = orders.get(id);
        if (order.readings().size() == seen) {
            return ResponseEntity.noContent().build();
        }
        model.addAttribute("view", desk.view(order, step, null, MeasureDesk.Heard.NOTHING));
        return "measure :: ladder";
    }
}
