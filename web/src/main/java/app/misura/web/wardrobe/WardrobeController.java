package app.misura.web.wardrobe;

import app.misura.core.length.Entry;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.length.Unit;
import app.misura.core.reading.GarmentPlace;
import app.misura.web.account.Accounts;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.id.Texts;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Shows and takes the lengths of garments that fit a client. */
@Controller
class WardrobeController {
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_TEXT = 60;

    private final Wardrobe wardrobe;
    private final Clients clients;
    private final House house;
    private final Accounts accounts;
    private final Clock clock;

    WardrobeController(Wardrobe wardrobe, Clients clients, House house, Accounts accounts, Clock clock) {
        this.wardrobe = wardrobe;
        this.clients = clients;
        this.house = house;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** What is typed of a length. */
    record Typed(String garment, String what, String unit, String text) {}

    /** A length as the page lists it. @param value what the garment has there @param read how it was read, where that is another number */
    record Line(String id, String what, String value, String read, String said, boolean struck) {}

    @GetMapping("/clients/{id}/garments")
    String page(@PathVariable String id, @RequestParam(defaultValue = "") String garment, Model model) {
        return page(clients.get(id), new Typed(garment, "", house.rules().unit(), ""), "", model);
    }

    private String page(Client client, Typed typed, String fault, Model model) {
        Map<String, List<Line>> garments = wardrobe.of(client.id()).stream()
                .collect(Collectors.groupingBy(
                        Wardrobe.Worn::garment,
                        LinkedHashMap::new,
                        Collectors.mapping(this::line, Collectors.toList())));
        model.addAttribute("client", client);
        model.addAttribute("garments", garments);
        model.addAttribute("typed", typed);
        model.addAttribute("fault", fault);
        model.addAttribute("places", List.of(GarmentPlace.values()));
        return "garments";
    }

    private Line line(Wardrobe.Worn worn) {
        Length has = worn.what().of(worn.read());
        return new Line(
                worn.id(),
                worn.what().said(),
                text(has, worn.unit()) + (worn.what().isFlat() ? " round" : ""),
                worn.what().isFlat() ? "flat " + text(worn.read(), worn.unit()) : "",
                Say.when(worn.at(), clock.getZone(), LocalDate.now(clock)) + ", " + accounts.called(worn.by()),
                worn.struck());
    }

    private static String text(Length length, Unit unit) {
        return LengthText.exact(length, unit) + " " + unit.symbol();
    }

    @PostMapping("/clients/{id}/garments")
    String add(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String garment,
            @RequestParam(defaultValue = "") String what,
            @RequestParam(defaultValue = "cm") String unit,
            @RequestParam(defaultValue = "") String text,
            Principal who,
            Model model,
            HttpServletResponse response) {
        Client client = clients.get(id);
        Typed typed = new Typed(garment, what, unit, text);
        Optional<GarmentPlace> place = GarmentPlace.named(what);
        Unit tape = unit.equals("in") ? Unit.INCH : Unit.CM;
        Entry entry = Entry.parse(text, tape);
        Optional<Length> read = length(entry, place, tape);
        String fault = fault(typed, place, entry, read);
        if (!fault.isEmpty()) {
            response.setStatus(422);
            return page(client, typed, fault, model);
        }
        wardrobe.add(id, garment.strip(), place.orElseThrow(), text.strip(), tape, read.orElseThrow(), who.getName());
        return "redirect:/clients/" + id + "/garments?garment="
                + java.net.URLEncoder.encode(garment.strip(), java.nio.charset.StandardCharsets.UTF_8);
    }

    /** What was read; of a flat width that was said doubled, the half. */
    private static Optional<Length> length(Entry entry, Optional<GarmentPlace> place, Unit tape) {
        if (!(entry instanceof Entry.Understood understood)
                || understood.stated() != null && understood.stated() != tape
                || !understood.length().isPositive()) {
            return Optional.empty();
        }
        boolean doubled = place.filter(GarmentPlace::isFlat).isPresent() && understood.isRound();
        return Optional.of(doubled ? new Length(understood.length().nanometres() / 2) : understood.length());
    }

    private static String fault(Typed typed, Optional<GarmentPlace> place, Entry entry, Optional<Length> read) {
        if (typed.garment().isBlank() || typed.garment().length() > LONGEST_NAME || !Texts.isOneLine(typed.garment())) {
            return "Say which garment it is, in one line of at most " + LONGEST_NAME + " characters.";
        }
        if (place.isEmpty()) {
            return "Say where it was measured.";
        }
        if (typed.text().length() > LONGEST_TEXT) {
            return "A length has at most " + LONGEST_TEXT + " characters.";
        }
        if (entry instanceof Entry.Refused refused) {
            return refused.sentence();
        }
        return read.isEmpty() ? "Say a length in " + (typed.unit().equals("in") ? "inches." : "centimetres.") : "";
    }

    @PostMapping("/clients/{id}/garments/{value}/strike")
    String strike(@PathVariable String id, @PathVariable String value, Principal who) {
        wardrobe.strike(id, value, who.getName());
        return "redirect:/clients/" + id + "/garments";
    }
}
