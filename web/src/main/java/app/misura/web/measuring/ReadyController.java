package app.misura.web.measuring;

import app.misura.core.ready.Ready;
import app.misura.web.account.Accounts;
import app.misura.web.house.House;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.Readings;
import app.misura.web.reading.StepNote;
import app.misura.web.reading.VisitNote;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Say;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What comes before the tape and after it: what lies ready and is worn, what is agreed to, the look from three metres. */
@Controller
class ReadyController {
    private static final int LONGEST = 1000;

    private final Orders orders;
    private final Readings readings;
    private final House house;
    private final Accounts accounts;
    private final Clock clock;

    ReadyController(Orders orders, Readings readings, House house, Accounts accounts, Clock clock) {
        this.orders = orders;
        this.readings = readings;
        this.house = house;
        this.accounts = accounts;
        this.clock = clock;
    }

    @GetMapping("/orders/{id}/ready")
    String ready(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.MEASURE));
        model.addAttribute("ready", Ready.of(order.sheet()));
        model.addAttribute("consent", house.rules().consent());
        model.addAttribute(
                "worn", order.taken().note(VisitNote.WORN).map(StepNote::text).orElse(""));
        model.addAttribute(
                "agreed", order.taken().note(VisitNote.AGREED).map(this::said).orElse(""));
        return "ready";
    }

    private String said(StepNote note) {
        return Say.when(note.at(), clock.getZone(), LocalDate.now(clock)) + ", told by " + accounts.called(note.by());
    }

    /** Keeps what is worn beneath and that the client agreed. Only what changed is written. */
    @PostMapping("/orders/{id}/ready")
    String keep(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String worn,
            @RequestParam(defaultValue = "") String agreed,
            Principal who) {
        GarmentOrder order = orders.get(id);
        keep(order, VisitNote.WORN, worn, who);
        if (!agreed.isEmpty()) {
            keep(order, VisitNote.AGREED, "yes", who);
        }
        return "redirect:/orders/" + id + "/measure";
    }

    /** Keeps what was seen of the whole person, standing back. */
    @PostMapping("/orders/{id}/seen")
    String seen(@PathVariable String id, @RequestParam(defaultValue = "") String seen, Principal who) {
        keep(orders.get(id), VisitNote.SEEN, seen, who);
        return "redirect:/orders/" + id + "/measure";
    }

    private void keep(GarmentOrder order, VisitNote place, String text, Principal who) {
        String kept = text.strip().substring(0, Math.min(text.strip().length(), LONGEST));
        String before = order.taken().note(place).map(StepNote::text).orElse("");
        if (!kept.equals(before)) {
            readings.note(order.id(), place.key(), kept, who.getName());
        }
    }
}
