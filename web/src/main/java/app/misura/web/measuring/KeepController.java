package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.course.Gate;
import app.misura.core.form.Step;
import app.misura.core.length.Length;
import app.misura.core.measure.Play;
import app.misura.core.reading.Judged;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Taking;
import app.misura.web.house.Tool;
import app.misura.web.house.Tools;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import app.misura.web.reading.StoredReading;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Keeps what is said while measuring: readings, strikes, marks. Each is on disk before the answer, which is the address
 * where the work goes on; only what cannot be kept is answered with the page, the text still in it.
 */
@Controller
class KeepController {
    /** What the page says where whoever read was not quite sure. */
    private static final String UNSURE = "so-so";

    private static final int LONGEST_SHOWN = 200;
    private static final int LONGEST_KEY = 60;
    private static final int LONGEST_NOTE = 1000;

    private final Orders orders;
    private final Readings readings;
    private final MeasureDesk desk;
    private final Tools tools;
    private final Clock clock;

    KeepController(Orders orders, Readings readings, MeasureDesk desk, Tools tools, Clock clock) {
        this.orders = orders;
        this.readings = readings;
        this.desk = desk;
        this.tools = tools;
        this.clock = clock;
    }

    @PostMapping("/orders/{id}/measure")
    String keep(
            @PathVariable String id,
            @ModelAttribute Typed typed,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Principal who,
            Model model,
            HttpServletResponse response) {
        GarmentOrder order = orders.get(id);
        Step asked = taking(order, typed.step());
        Sheet.Slot slot = slot(order, asked, Place.of(typed.step(), typed.side(), null));
        Optional<Tool> with =
                tools.find(typed.tool()).filter(t -> t.unit() == order.form().unit());
        String written = with.map(t -> t.written(typed.text())).orElse(typed.text());
        Judged judged = Judged.of(
                written, asked, order.form(), order.sheet().spanScale().orElse(null));
        Place here =
                Place.step(asked.label(), slot.side()).inRound(typed.round()).walking(typed.walk());
        boolean kept = judged instanceof Judged.Kept
                || judged instanceof Judged.Unusual && typed.confirm().equals(typed.text());
        if (!kept) {
            response.setStatus(422);
            model.addAttribute(
                    "view", desk.view(order, Visit.at(here, Screen.of(who)).having(Heard.of(typed.text(), judged))));
            return MeasureController.page(target);
        }
        Reading read = reading(
                        slot,
                        written,
                        judged,
                        play(order, asked, typed.play()),
                        who.getName(),
                        taking(with, typed.sure()))
                .over(asked.condition())
                .inRound(here.round(order.course(), slot, who.getName()));
        Readings.Kept stored = readings.keep(id, List.of(new NewReading(read, usable(typed.key()))));
        StoredReading now = stored.readings().get(0);
        Place onward = typed.then().equals("again")
                ? here.inRound(now.reading().round())
                : onward(
                        here,
                        asked,
                        now.reading().round(),
                        orders.with(order, stored).course());
        if (typed.walk() != null && onward.equals(Place.NOWHERE)) {
            return whatChanged(id, target, response);
        }
        return "redirect:" + onward.address(id, now.id());
    }

    /**
     * Where the work goes on: as the course has it; on the way through a list of steps that are taken again, once the step has
     * what it wants, at the next of them.
     */
    private static Place onward(Place here, Step step, int round, Course course) {
        Place next = Place.of(course.after(step));
        String rest = here.walk();
        if (rest == null) {
            return next;
        }
        if (step.label().equals(next.step()) && course.isWanting(step)) {
            return next.inRound(round).walking(rest);
        }
        return otherSide(here, step, round, course).orElseGet(() -> Place.along(rest, course));
    }

    /** The other side of a step that is taken again on both, as long as it is not. */
    private static Optional<Place> otherSide(Place here, Step step, int round, Course course) {
        return course.slots(step).stream()
                .filter(s -> s.isOneOfBoth() && s.side() != here.side())
                .filter(s -> Rounds.newest(course.proof().sheet().tries(s)) < round)
                .map(s -> Place.step(step.label(), s.side()).inRound(round).walking(here.walk()))
                .findFirst();
    }

    /** The proof, which says what the list came to; a page that asks for a part of itself is told to go there whole. */
    private static String whatChanged(String id, @Nullable String target, HttpServletResponse response) {
        String address = "/orders/" + id + "/proof#taken-again";
        if (target == null) {
            return "redirect:" + address;
        }
        response.setHeader("HX-Redirect", address);
        return "fragments/measuring :: elsewhere";
    }

    /** What helped, and whether whoever read was not quite sure. */
    private static Taking taking(Optional<Tool> with, String sure) {
        return new Taking(
                with.map(Tool::name).orElse(null),
                Taking.Hand.TRAINED,
                sure.equals(UNSURE) ? Taking.Doubt.SO_SO : Taking.Doubt.SURE,
                Taking.Origin.BODY);
    }

    private static String clip(String text) {
        return text.length() > LONGEST_SHOWN ? text.substring(0, LONGEST_SHOWN) : text;
    }

    /** How the tape lay as it was said, else as it is expected to. */
    private static Play play(GarmentOrder order, Step step, String said) {
        return step.taken().kind().hasPlay()
                ? Play.named(said).orElseGet(() -> order.course().play(step))
                : step.play();
    }

    private static @Nullable String usable(@Nullable String key) {
        return key == null || key.isBlank() || key.length() > LONGEST_KEY ? null : key;
    }

    /** The value that a reading is for: of the side that is named, else the step's first. */
    private static Sheet.Slot slot(GarmentOrder order, Step step, Place place) {
        List<Sheet.Slot> slots = order.sheet().allSlots().stream()
                .filter(s -> s.step().equals(step))
                .toList();
        if (slots.isEmpty()) {
            throw new NotThere("Step " + step.label() + " is not asked for in this order.");
        }
        return slots.stream()
                .filter(s -> s.isOneOfBoth() && s.side() == place.side())
                .findFirst()
                .orElse(slots.get(0));
    }

    private Reading reading(Sheet.Slot slot, String text, Judged judged, Play play, String by, Taking taking) {
        Length length = judged instanceof Judged.Kept kept ? kept.length() : ((Judged.Unusual) judged).length();
        return new Reading(slot.step().label(), slot.side(), text, length, play, clock.instant(), by, taking, 1, null);
    }

    /** Leaves a value out. The page holds this back while something is typed in the entry, so that it is not lost. */
    @PostMapping("/orders/{id}/leave-out")
    String leaveOut(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(required = false) @Nullable String side,
            @RequestParam String why,
            Principal who) {
        GarmentOrder order = orders.get(id);
        Step asked = taking(order, step);
        Sheet.Slot slot = slot(order, asked, Place.of(step, side, null));
        LeftOut.Why reason = LeftOut.Why.named(why)
                .orElseThrow(() -> new NotThere("There is no such reason to leave a step out: " + clip(why) + "."));
        readings.leaveOut(id, List.of(new LeftOut(slot.id(), reason, "")), who.getName());
        return "redirect:" + Place.of(orders.get(id).course().after(asked)).address(id, null);
    }

    /** Takes a value after all that was left out. */
    @PostMapping("/orders/{id}/take-after-all")
    String takeAfterAll(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(required = false) @Nullable String side,
            Principal who) {
        GarmentOrder order = orders.get(id);
        Sheet.Slot slot = slot(order, taking(order, step), Place.of(step, side, null));
        readings.takeBack(id, slot.id(), who.getName());
        return "redirect:" + Place.step(step, slot.side()).address(id, null);
    }

    private static Step taking(GarmentOrder order, String step) {
        return order.form()
                .find(step)
                .filter(Step::takesReadings)
                .orElseThrow(() -> new NotThere("This form has no step " + clip(step) + " that takes a reading."));
    }

    /** Sets a mark. @param back the step that waited for it and is gone back to; null to go on */
    @PostMapping("/orders/{id}/marks")
    String mark(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(required = false) @Nullable String back,
            Principal who) {
        Step mark = orders.get(id)
                .form()
                .find(step)
                .filter(Step::isMark)
                .orElseThrow(() -> new NotThere("This form has no mark " + clip(step) + "."));
        readings.setMark(id, mark.label(), who.getName());
        Place onward = back != null
                ? Place.step(back, null)
                : Place.of(orders.get(id).course().after(mark));
        return "redirect:" + onward.address(id, null);
    }

    /** Goes past a gate with the word to clear its questions later. @param question each of them, by what it asks about */
    @PostMapping("/orders/{id}/gate")
    String pass(
            @PathVariable String id,
            @RequestParam String part,
            @RequestParam(name = "question") List<String> question,
            Principal who) {
        GarmentOrder order = orders.get(id);
        Gate gate = order.course().gates().stream()
                .filter(g -> g.part().letter().equals(part))
                .findFirst()
                .orElseThrow(() -> new NotThere("This form has no gate after part " + clip(part) + "."));
        List<String> asked = gate.questions().stream()
                .map(Gate.Question::key)
                .filter(question::contains)
                .toList();
        readings.passGate(id, gate.part().letter(), asked, who.getName());
        Place onward = orders.get(id)
                .course()
                .firstAfter(gate.part())
                .map(s -> Place.step(s.label(), null))
                .orElse(Place.NOWHERE);
        return "redirect:" + onward.address(id, null);
    }

    /** Notes something at a step, in place of what was noted there before. */
    @PostMapping("/orders/{id}/note")
    String note(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String note,
            Principal who) {
        Step asked = orders.get(id)
                .form()
                .find(step)
                .orElseThrow(() -> new NotThere("This form has no step " + clip(step) + "."));
        readings.note(
                id,
                asked.label(),
                note.strip().substring(0, Math.min(note.strip().length(), LONGEST_NOTE)),
                who.getName());
        return "redirect:" + Place.step(asked.label(), null).address(id, null);
    }

    @PostMapping("/orders/{id}/strike")
    String strike(
            @PathVariable String id,
            @RequestParam String reading,
            @RequestParam(defaultValue = "") String reason,
            Principal who) {
        Reading struck = orders.get(id).readings().stream()
                .filter(r -> r.id().equals(reading))
                .findFirst()
                .map(StoredReading::reading)
                .orElseThrow(() -> new NotThere("This reading is not on this order."));
        String why = reason.isBlank() ? "taken again" : reason.strip();
        readings.strike(id, reading, clip(why), who.getName());
        return "redirect:" + Place.step(struck.step(), struck.side()).address(id, null);
    }
}
