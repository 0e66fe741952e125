package app.misura.web.client.page;

import app.misura.core.figure.View;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.house.Tables;
import app.misura.web.known.KnownBody;
import app.misura.web.known.KnownSheets;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.size.HouseSizes;
import app.misura.web.ui.FigureView;
import app.misura.web.ui.Say;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Shows one client: the orders, and the body to scale. */
@Controller
class ClientPageController {
    private final Orders orders;
    private final Clients clients;
    private final KnownBody known;
    private final HouseSizes sizes;
    private final Tables tables;
    private final House house;
    private final Clock clock;

    ClientPageController(
            Orders orders,
            Clients clients,
            KnownBody known,
            HouseSizes sizes,
            Tables tables,
            House house,
            Clock clock) {
        this.house = house;
        this.orders = orders;
        this.clients = clients;
        this.known = known;
        this.sizes = sizes;
        this.tables = tables;
        this.clock = clock;
    }

    /** An order as a client's page lists it. */
    record Line(String id, int number, String title, String needed, String state, List<String> signs, String stage) {
        static Line of(GarmentOrder order, LocalDate today) {
            Proof proof = order.proof();
            return new Line(
                    order.id(),
                    order.number(),
                    order.title(),
                    Say.needed(order.neededOn(), today),
                    proof.sentence().head(),
                    proof.brackets().stream().map(b -> Say.sign(b.state())).toList(),
                    order.stage().word());
        }
    }

    private Unit unit() {
        return Unit.parse(house.rules().unit());
    }

    /** Whether the client agreed to what is kept. */
    private static String consent(Client client) {
        LocalDate day = client.about().consentedOn();
        return day == null
                ? "Whether they agreed to what is kept is not written down."
                : "Agreed to what is kept, " + Say.day(day) + " " + day.getYear() + ".";
    }

    /** When the body was said to have changed; empty if never. */
    private String changed(Client client) {
        return client.bodyChangedAt() == null
                ? ""
                : "The body was said to have changed "
                        + Say.when(client.bodyChangedAt(), clock.getZone(), LocalDate.now(clock))
                        + "; nothing read before that is taken over.";
    }

    @PostMapping("/clients/{id}/changed")
    String bodyChanged(@PathVariable String id, Principal who) {
        known.changed(id, who.getName());
        return "redirect:/clients/" + id;
    }

    @GetMapping("/clients/{id}")
    String client(@PathVariable String id, Model model) {
        Client client = clients.get(id);
        List<GarmentOrder> all = orders.of(id);
        model.addAttribute("client", client);
        model.addAttribute(
                "since", Say.day(client.createdAt().atZone(clock.getZone()).toLocalDate()));
        KnownSheets sheets = known.of(client);
        model.addAttribute("known", sheets.count());
        model.addAttribute(
                "sizes",
                sizes.nearest(sheets.netMm(tables.now())).stream()
                        .map(s -> SizeView.of(s, unit()))
                        .toList());
        model.addAttribute("changed", changed(client));
        model.addAttribute("consent", consent(client));
        model.addAttribute(
                "orders",
                all.stream().map(o -> Line.of(o, LocalDate.now(clock))).toList());
        drawn(all).ifPresent(o -> {
            Proof proof = Proof.of(o.sheet());
            model.addAttribute(
                    "figures", List.of(FigureView.plain(proof, View.FRONT), FigureView.plain(proof, View.SIDE)));
        });
        return "client";
    }

    /** The sheet that the body is drawn from: the newest that was taken on it; else the newest at all. */
    private static Optional<GarmentOrder> drawn(List<GarmentOrder> all) {
        List<GarmentOrder> taken = all.stream()
                .filter(o -> !o.readings().isEmpty() && !o.stage().isVoid())
                .toList();
        return taken.stream()
                .filter(o -> o.proof().settled().values().stream()
                        .noneMatch(s -> s.step().condition().isOverMore()))
                .findFirst()
                .or(() -> taken.stream().findFirst());
    }
}
