package app.misura.web.history.page;

import app.misura.web.account.Accounts;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.history.Change;
import app.misura.web.house.House;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.ui.Say;
import app.misura.web.ui.Who;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** Shows what was changed of a client, an order or the house. */
@Controller
class ChangesController {
    private static final int LONGEST = 120;

    private final Clients clients;
    private final Orders orders;
    private final OrderLife life;
    private final House house;
    private final Accounts accounts;
    private final Clock clock;

    ChangesController(Clients clients, Orders orders, OrderLife life, House house, Accounts accounts, Clock clock) {
        this.clients = clients;
        this.orders = orders;
        this.life = life;
        this.house = house;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** @param from empty where there was nothing */
    record Line(String what, String from, String to) {}

    record Shown(String when, String by, List<Line> lines) {}

    @GetMapping("/clients/{id}/changes")
    String client(@PathVariable String id, @ModelAttribute("who") Who who, Model model) {
        Client client = clients.get(id);
        Set<String> hidden = who.canWrite() ? Set.of() : Clients.PRIVATE;
        return page(client.name(), "/clients/" + id, clients.changes(id), hidden, model);
    }

    @GetMapping("/orders/{id}/changes")
    String order(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        String name = order.client().name() + ", " + order.number() + ", " + order.title();
        return page(name, "/orders/" + id + "/order", life.changes(id), Set.of(), model);
    }

    @GetMapping("/house/changes")
    String house(Model model) {
        return page("The house", "/house", house.changes(), Set.of(), model);
    }

    /** @param hidden what is said to have changed, and not how */
    private String page(String name, String back, List<Change> changes, Set<String> hidden, Model model) {
        model.addAttribute("name", name);
        model.addAttribute("back", back);
        model.addAttribute(
                "changes", changes.stream().map(c -> shown(c, hidden)).toList());
        return "changes";
    }

    private Shown shown(Change change, Set<String> hidden) {
        List<Line> lines = change.lines().stream()
                .map(l -> hidden.contains(l.what())
                        ? new Line(l.what(), "", "changed")
                        : new Line(l.what(), clipped(l.from()), l.to().isEmpty() ? "nothing" : clipped(l.to())))
                .toList();
        return new Shown(when(change.at()), change.by().isEmpty() ? "" : accounts.called(change.by()), lines);
    }

    private String when(Instant at) {
        if (at.equals(Instant.EPOCH)) {
            return "As it was when changes began to be written down";
        }
        ZonedDateTime there = at.atZone(clock.getZone());
        return Say.day(there.toLocalDate()) + " " + there.getYear() + ", " + Say.clock(at, clock.getZone());
    }

    private static String clipped(String text) {
        return text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : text;
    }
}
