package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.form.Part;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.measure.Kind;
import app.misura.core.reading.Judged;
import app.misura.core.reading.Sheet;
import app.misura.web.house.Tools;
import app.misura.web.id.NotThere;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.ui.Who;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Shows the measuring screen: one step at a time, or the open questions of a part. Stores nothing. */
@Controller
class MeasureController {
    private final Orders orders;
    private final MeasureDesk desk;
    private final Presence presence;
    private final Live live;
    private final Tools tools;
    private final KnownBody known;

    MeasureController(Orders orders, MeasureDesk desk, Presence presence, Live live, Tools tools, KnownBody known) {
        this.orders = orders;
        this.desk = desk;
        this.presence = presence;
        this.live = live;
        this.tools = tools;
        this.known = known;
    }

    /** The page, or only what changes of it when it asks for that. */
    static String page(@Nullable String target) {
        return "measure".equals(target) ? "measure :: measure" : "measure";
    }

    @GetMapping("/orders/{id}/measure")
    String measure(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String step,
            @RequestParam(required = false) @Nullable String side,
            @RequestParam(required = false) @Nullable String gate,
            @RequestParam(required = false) @Nullable String view,
            @RequestParam(required = false) @Nullable String kept,
            @RequestParam(required = false) @Nullable String open,
            @RequestParam(required = false) @Nullable Integer round,
            @RequestParam(required = false) @Nullable String walk,
            @RequestHeader(name = "HX-Target", required = false) @Nullable String target,
            Principal who,
            HttpServletResponse response,
            Model model) {
        Place place = Place.of(step, side, gate).inRound(round).walking(walk);
        Visit visit = Visit.at(place, Screen.of(who)).turned(view).having(kept).looking(open);
        GarmentOrder order = orders.get(id);
        MeasureView shown = desk.view(order, visit);
        Who.onlyReading(order.stage().isEnded(), model);
        model.addAttribute("view", shown);
        model.addAttribute("beside", shown.end() == null ? List.of() : known.beside(order));
        if (target != null && view == null) {
            response.setHeader("HX-Push-Url", place.address(id, null));
        }
        return page(target);
    }

    /** Where a list of steps begins that are to be taken again, one after the other. */
    @GetMapping("/orders/{id}/measure/again")
    String again(@PathVariable String id, @RequestParam String steps) {
        return "redirect:" + Place.along(steps, orders.get(id).course()).address(id, null);
    }

    /** What would be understood of a text, while it is typed. Never whether a sum would close. */
    @GetMapping("/orders/{id}/measure/heard")
    String heard(
            @PathVariable String id,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String tool,
            Model model) {
        GarmentOrder order = orders.get(id);
        String written = tools.find(tool)
                .filter(t -> t.unit() == order.form().unit())
                .map(t -> t.written(text))
                .orElse(text);
        Step asked = order.form()
                .find(step)
                .filter(Step::takesReadings)
                .orElseThrow(() -> new NotThere("This form has no such step."));
        model.addAttribute(
                "heard",
                text.isBlank()
                        ? Heard.NOTHING
                        : Heard.of(
                                text,
                                Judged.of(
                                        written,
                                        asked,
                                        order.form(),
                                        order.sheet().spanScale().orElse(null))));
        return "fragments/measuring :: heard";
    }

    /** What a page needs of a step to ask for it while the house cannot be reached. @param tries so many at least @param play empty where there is none @param words whether letters are typed */
    record Asked(
            String label,
            String name,
            String part,
            String how,
            String place,
            List<String> sides,
            int tries,
            String play,
            boolean words) {
        static Asked of(Course course, Step step) {
            Part part = course.proof().sheet().form().partOf(step);
            return new Asked(
                    step.label(),
                    step.name(),
                    part.title() + " · " + part.place(),
                    step.prompt().how(),
                    step.prompt().place(),
                    course.slots(step).stream()
                            .filter(Sheet.Slot::isOneOfBoth)
                            .map(s -> java.util.Objects.requireNonNull(s.side()).word())
                            .toList(),
                    step.settle() == Settle.TWO_AGREE ? 2 : 1,
                    step.taken().kind().hasPlay() ? course.play(step).word() : "",
                    step.taken().kind() == Kind.WORD);
        }
    }

    /** The steps of an order that take readings, in working order. */
    @GetMapping("/orders/{id}/measure/steps")
    @ResponseBody
    List<Asked> steps(@PathVariable String id) {
        Course course = orders.get(id).course();
        return course.steps().stream()
                .filter(Step::takesReadings)
                .map(s -> Asked.of(course, s))
                .toList();
    }

    /** The ladder alone, where readings or people came since the page last looked; else nothing. */
    @GetMapping("/orders/{id}/measure/ladder")
    Object ladder(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String step,
            @RequestParam(required = false) @Nullable String gate,
            @RequestParam String seen,
            @RequestParam(defaultValue = "") String others,
            @RequestParam(required = false) @Nullable String open,
            @RequestHeader(name = "Misura-Follows", defaultValue = "") String follows,
            Principal who,
            Model model) {
        GarmentOrder order = orders.get(id);
        if (step != null) {
            presence.stillThere(id, Screen.of(who).key(), step, follows);
        }
        if (order.taken().mark().equals(seen)
                && desk.company(order, Screen.of(who)).mark().equals(others)) {
            return ResponseEntity.noContent().build();
        }
        model.addAttribute(
                "view",
                desk.view(
                        order,
                        Visit.at(Place.of(step, null, gate), Screen.of(who))
                                .knowing(readings(seen))
                                .looking(open)));
        return "measure :: ladder";
    }

    /** A line on which an open page hears that there is something new; no line where too many are open. */
    @GetMapping("/orders/{id}/measure/live")
    ResponseEntity<SseEmitter> live(@PathVariable String id) {
        return live.open(orders.get(id).id())
                .map(line -> ResponseEntity.ok()
                        .header("Cache-Control", "no-store")
                        .header("X-Accel-Buffering", "no")
                        .body(line))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    /** How many readings a page has seen: the number that its mark begins with. */
    private static int readings(String seen) {
        String number = seen.replaceAll("\\..*", "");
        return number.matches("\\d{1,6}") ? Integer.parseInt(number) : Integer.MAX_VALUE;
    }
}
