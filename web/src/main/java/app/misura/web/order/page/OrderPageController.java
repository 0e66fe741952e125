package app.misura.web.order.page;

import app.misura.core.life.Move;
import app.misura.core.life.Stage;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.web.account.Accounts;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.id.NotThere;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Moved;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.photo.Photographs;
import app.misura.web.photo.SeenFrom;
import app.misura.web.reading.StoredReading;
import app.misura.web.reading.VisitNote;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.FormSaid;
import app.misura.web.ui.Say;
import app.misura.web.ui.Who;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One order: what it is, where it stands, where it may go, and its papers. */
@Controller
class OrderPageController {
    private static final int LONGEST_REASON = 200;
    private final Orders orders;
    private final OrderLife life;
    private final Standings standings;
    private final CutSpecs specs;
    private final Accounts accounts;
    private final KnownBody known;
    private final Photographs photographs;
    private final Clock clock;

    OrderPageController(
            Orders orders,
            OrderLife life,
            Standings standings,
            CutSpecs specs,
            Accounts accounts,
            KnownBody known,
            Photographs photographs,
            Clock clock) {
        this.orders = orders;
        this.life = life;
        this.standings = standings;
        this.specs = specs;
        this.accounts = accounts;
        this.known = known;
        this.photographs = photographs;
        this.clock = clock;
    }

    /** How an order was moved, as its page lists it. */
    record Line(String when, String by, String what, String reason) {}

    /** An option as it was answered. */
    record Answer(String asked, String answer) {}

    /** A cut sheet that was printed. @param changed what would be cut otherwise now; empty if nothing */
    record Sheet(String id, String when, String by, List<String> changed) {}

    @GetMapping("/orders/{id}/order")
    String order(@PathVariable String id, Model model) {
        return page(orders.get(id), model);
    }

    private String page(GarmentOrder order, Model model) {
        Proof proof = order.proof();
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.ORDER));
        model.addAttribute("needed", Say.needed(order.neededOn(), LocalDate.now(clock)));
        model.addAttribute("sentence", proof.sentence());
        model.addAttribute("taken", order.course().progress());
        model.addAttribute("moves", Move.of(standings.of(order)));
        model.addAttribute("answers", answers(order));
        model.addAttribute("visit", visit(order));
        model.addAttribute("aside", aside(order));
        model.addAttribute("form", FormSaid.of(order.form(), order.sheet().judging()));
        model.addAttribute("more", MoreSteps.of(order));
        model.addAttribute("onward", order.form().whole() == null ? "" : MoreSteps.onward(order));
        List<Photographs.Photograph> seen = photographs.there(order.id());
        model.addAttribute("photographs", seen);
        model.addAttribute("unseen", unseen(order, seen));
        model.addAttribute("newer", known.newerThan(order));
        model.addAttribute("beside", known.beside(order));
        model.addAttribute("origins", KnownBody.origins(order));
        model.addAttribute("missing", order.stage() == Stage.MEASURING ? ReuseView.taken(known.missingOn(order)) : "");
        model.addAttribute(
                "history", life.moves(order.id()).stream().map(this::line).toList());
        model.addAttribute(
                "sheets",
                specs.changes(order, proof).stream()
                        .map(p -> new Sheet(p.id(), when(p.at()), accounts.called(p.by()), p.changed()))
                        .toList());
        return "order";
    }

    /** Takes over what other sheets of the client know by now. */
    @PostMapping("/orders/{id}/known")
    String takeOver(@PathVariable String id, Principal who) {
        known.takeOver(id, who.getName());
        return "redirect:/orders/" + id + "/measure";
    }

    /** Goes on with another sheet of the same order. */
    @PostMapping("/orders/{id}/go-on")
    String goOn(@PathVariable String id, Principal who) {
        known.goOn(id, who.getName());
        return "redirect:/orders/" + id + "/measure";
    }

    /** From where no photograph shows a person whom nobody trained has measured: "front, back"; empty where none is wanted. */
    private static String unseen(GarmentOrder order, List<Photographs.Photograph> seen) {
        boolean wanted = order.form().isForUntrained()
                || order.sheet().readings().stream().anyMatch(Reading::isUntrained);
        return Stream.of(SeenFrom.values())
                .filter(from -> wanted && seen.stream().noneMatch(p -> p.from() == from))
                .map(SeenFrom::word)
                .collect(Collectors.joining(", "));
    }

    /** What was read for steps that are not asked as the questions are answered now: "C2 41.5". It comes back with them. */
    private static List<String> aside(GarmentOrder order) {
        Set<String> asked = order.sheet().askedLabels();
        return order.readings().stream()
                .map(StoredReading::reading)
                .filter(r -> r.counts() && !asked.contains(r.step()))
                .map(r -> r.step() + (r.side() == null ? " " : " " + r.side().word() + " ") + r.text())
                .toList();
    }

    /** What is noted of the visit. */
    private List<Answer> visit(GarmentOrder order) {
        return Stream.of(VisitNote.values())
                .flatMap(place -> order.taken().note(place).stream()
                        .map(n -> new Answer(
                                place.title(),
                                place == VisitNote.AGREED
                                        ? when(n.at()) + ", told by " + accounts.called(n.by())
                                        : n.text())))
                .toList();
    }

    private static List<Answer> answers(GarmentOrder order) {
        return order.form().options().stream()
                .map(o -> new Answer(
                        o.title(),
                        order.answers().getOrDefault(o.id(), o.usual()).replace('-', ' ')))
                .toList();
    }

    private String when(java.time.Instant at) {
        return Say.when(at, clock.getZone(), LocalDate.now(clock));
    }

    private Line line(Moved moved) {
        return new Line(
                when(moved.at()),
                accounts.called(moved.by()),
                moved.from().word() + " → " + moved.to().word(),
                moved.reason());
    }

    /** Moves the order, if nothing stands in the way; a reason that is asked for and not given is asked for again. */
    @PostMapping("/orders/{id}/move")
    String move(
            @PathVariable String id,
            @RequestParam String to,
            @RequestParam long version,
            @RequestParam(defaultValue = "") String reason,
            @ModelAttribute("who") Who who,
            Principal by,
            Model model,
            HttpServletResponse response) {
        GarmentOrder order = orders.get(id);
        Optional<Stage> wanted =
                Stream.of(Stage.values()).filter(s -> s.name().equals(to)).findFirst();
        Move move = Move.of(standings.of(order)).stream()
                .filter(m -> m.to() == wanted.orElse(null))
                .findFirst()
                .orElseThrow(() -> new NotThere("From " + order.stage().word() + " there is no such way."));
        if (move.isCutters() && !who.canCut()) {
            throw new AccessDeniedException("the cutter moves this");
        }
        String fault = !move.isFree()
                ? move.hindrance()
                : move.wantsReason() && reason.isBlank()
                        ? "Say why, in a few words: whoever takes it up again wants to know."
                        : reason.length() > LONGEST_REASON
                                ? "A reason has at most " + LONGEST_REASON + " characters."
                                : "";
        if (!fault.isEmpty()) {
            response.setStatus(422);
            model.addAttribute("fault", fault);
            model.addAttribute("wanted", move.to());
            model.addAttribute("reason", reason);
            return page(order, model);
        }
        life.move(id, version, move.to(), reason, by.getName());
        return "redirect:/orders/" + id + "/order";
    }
}
