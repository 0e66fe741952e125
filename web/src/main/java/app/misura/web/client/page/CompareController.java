package app.misura.web.client.page;

import app.misura.core.form.ValueId;
import app.misura.core.known.Comparison;
import app.misura.core.known.Reuse;
import app.misura.core.length.Increment;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.id.NotThere;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.ui.Say;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Two sheets of one client side by side; from it a value is taken over or taken again. */
@Controller
class CompareController {
    private final Clients clients;
    private final Orders orders;
    private final KnownBody known;
    private final Clock clock;

    CompareController(Clients clients, Orders orders, KnownBody known, Clock clock) {
        this.clients = clients;
        this.orders = orders;
        this.known = known;
        this.clock = clock;
    }

    record SheetView(String id, String said) {}

    /** @param value its id there @param text what stands there @param when with a word where it is stale */
    record CellView(String value, String text, String when, boolean stale) {}

    /** @param over whether the first's value can be taken over on the second's sheet */
    record RowView(
            String name,
            @Nullable CellView first,
            @Nullable CellView second,
            String state,
            boolean differs,
            boolean over) {}

    @GetMapping("/clients/{id}/compare")
    String compare(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable String first,
            @RequestParam(required = false) @Nullable String second,
            Model model) {
        Client client = clients.get(id);
        List<GarmentOrder> sheets = orders.of(id).stream()
                .filter(o -> !o.proof().settled().isEmpty())
                .toList();
        model.addAttribute("client", client);
        model.addAttribute("sheets", sheets.stream().map(this::view).toList());
        Optional<GarmentOrder> b = chosen(sheets, second);
        Optional<GarmentOrder> a = chosen(
                sheets.stream().filter(o -> b.isPresent() && o != b.get()).toList(), first);
        model.addAttribute("first", a.map(this::view).orElse(null));
        model.addAttribute("second", b.map(this::view).orElse(null));
        if (a.isPresent() && b.isPresent()) {
            Comparison compared =
                    Comparison.of(a.get().proof(), b.get().proof(), b.get().tables());
            Reuse.Limits limits = known.limits(client);
            model.addAttribute("sentence", sentence(compared));
            model.addAttribute(
                    "rows",
                    compared.rows().stream()
                            .map(r -> row(r, a.get(), b.get(), limits))
                            .toList());
        }
        return "compare";
    }

    private static Optional<GarmentOrder> chosen(List<GarmentOrder> sheets, @Nullable String id) {
        return sheets.stream()
                .filter(o -> o.id().equals(id))
                .findFirst()
                .or(() -> sheets.stream().findFirst());
    }

    private SheetView view(GarmentOrder order) {
        return new SheetView(order.id(), order.number() + ", " + order.title());
    }

    private static String sentence(Comparison compared) {
        long both = compared.rows().stream()
                .filter(r -> r.first() != null && r.second() != null)
                .count();
        long differ = compared.count(Comparison.State.DIFFERS);
        if (both == 0) {
            return "These sheets have no value in common.";
        }
        String values = both == 1 ? "1 value stands" : both + " values stand";
        return values + " on both sheets; "
                + (differ == 0
                        ? "none differs more than two honest tapes do."
                        : (differ == 1 ? "1 differs" : differ + " differ") + " more than two honest tapes do.");
    }

    private RowView row(Comparison.Row row, GarmentOrder a, GarmentOrder b, Reuse.Limits limits) {
        boolean over = row.first() != null
                && b.stage().isOpen()
                && a.form().unit() == b.form().unit()
                && row.state() == Comparison.State.DIFFERS;
        return new RowView(
                row.name(),
                cell(row.first(), a, limits),
                cell(row.second(), b, limits),
                said(row, b.form().unit()),
                row.state() == Comparison.State.DIFFERS,
                over);
    }

    private @Nullable CellView cell(Comparison.@Nullable Place place, GarmentOrder order, Reuse.Limits limits) {
        if (place == null) {
            return null;
        }
        boolean stale = place.at().isBefore(limits.oldest())
                || limits.changed() != null && place.at().isBefore(limits.changed());
        Length length = Objects.requireNonNull(place.settled().length());
        return new CellView(
                place.value().toString(),
                LengthText.column(length, order.form().unit()) + " "
                        + order.form().unit().symbol(),
                Say.dated(LocalDate.ofInstant(place.at(), clock.getZone()), LocalDate.now(clock)),
                stale);
    }

    private static String said(Comparison.Row row, Unit unit) {
        Length by = row.by();
        if (by == null || row.state() != Comparison.State.DIFFERS) {
            return row.state().said();
        }
        Length size = Increment.of(unit == Unit.CM ? "0.5" : "0.25", unit).snap(by.abs());
        return LengthText.exact(size, unit) + (by.isPositive() ? " more" : " less");
    }

    /** Takes one value over from another sheet of the client. */
    @PostMapping("/orders/{id}/take-over")
    String takeOver(@PathVariable String id, @RequestParam String value, @RequestParam String from, Principal who) {
        ValueId wanted = valueId(value);
        known.takeOver(id, wanted, from, who.getName());
        GarmentOrder order = orders.get(id);
        return "redirect:/clients/" + order.client().id() + "/compare?first=" + from + "&second=" + id;
    }

    private static ValueId valueId(String text) {
        try {
            return ValueId.parse(text);
        } catch (IllegalArgumentException e) {
            throw new NotThere("There is no such value.");
        }
    }
}
