package app.misura.web.client.page;

import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.Orders;
import app.misura.web.store.Compacting;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class ClientController {
    private static final int PAGE = 50;

    private final Clients clients;
    private final Orders orders;
    private final Compacting compacting;
    private final Clock clock;

    ClientController(Clients clients, Orders orders, Compacting compacting, Clock clock) {
        this.clients = clients;
        this.orders = orders;
        this.compacting = compacting;
        this.clock = clock;
    }

    /** A client as the list shows one. @param seen when they were measured last; empty if never */
    record Line(String id, String name, String age, String seen, long open) {}

    @GetMapping("/clients")
    String list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "name") String sort,
            @RequestParam(defaultValue = "0") int page,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean partial,
            Model model) {
        String part = q.length() > 120 ? q.substring(0, 120) : q;
        int shown = Math.max(0, Math.min(page, 100_000));
        Clients.Order order = Stream.of(Clients.Order.values())
                .filter(o -> o.name().equalsIgnoreCase(sort))
                .findFirst()
                .orElse(Clients.Order.NAME);
        Clients.Listed found = part.isBlank() ? clients.list(order, shown, PAGE) : clients.find(part, shown, PAGE);
        Map<String, Long> open =
                orders.open(found.clients().stream().map(Client::id).toList());
        model.addAttribute("q", part);
        model.addAttribute("sort", order.name().toLowerCase(Locale.ROOT));
        model.addAttribute(
                "clients",
                found.clients().stream()
                        .map(c -> line(c, open.getOrDefault(c.id(), 0L)))
                        .toList());
        model.addAttribute("total", part.isBlank() ? clients.count() : null);
        model.addAttribute("page", shown);
        model.addAttribute("more", found.more());
        return partial ? "clients :: list" : "clients";
    }

    private Line line(Client client, long open) {
        LocalDate seen = client.seenOn();
        return new Line(
                client.id(),
                client.name(),
                client.ageGroup().word(),
                seen == null ? "" : seen.equals(LocalDate.now(clock)) ? "today" : Say.dated(seen, LocalDate.now(clock)),
                open);
    }

    @GetMapping("/clients/new")
    String form(Model model) {
        model.addAttribute("form", new ClientForm());
        return "client-form";
    }

    @PostMapping("/clients")
    String add(
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult faults,
            Principal who,
            HttpServletResponse response) {
        Client.About about = about(form, faults);
        if (about == null) {
            response.setStatus(422);
            return "client-form";
        }
        Client client = clients.add(about, who.getName());
        return "redirect:/clients/" + client.id();
    }

    /** What was typed, or null with what is wrong of it said. */
    private static Client.@Nullable About about(ClientForm form, BindingResult faults) {
        if (faults.hasErrors()) {
            return null;
        }
        Client.About about = form.about();
        if (about == null) {
            faults.rejectValue("consentedOn", "day", "There is no such day. Say it as year-month-day.");
        }
        return about;
    }

    @GetMapping("/clients/{id}/edit")
    String edit(@PathVariable String id, Model model) {
        Client client = clients.get(id);
        model.addAttribute("client", client);
        model.addAttribute("form", ClientForm.of(client));
        return "client-form";
    }

    @PostMapping("/clients/{id}/edit")
    String change(
            @PathVariable String id,
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult faults,
            Model model,
            HttpServletResponse response) {
        Client before = clients.get(id);
        model.addAttribute("client", before);
        Client.About about = about(form, faults);
        if (about == null) {
            response.setStatus(422);
            return "client-form";
        }
        try {
            clients.change(id, form.getVersion(), about);
        } catch (OptimisticLockingFailureException e) {
            response.setStatus(409);
            faults.reject(
                    "changed",
                    "Somebody changed this client meanwhile: now \"" + before.name() + "\", notes \"" + before.notes()
                            + "\". What you typed stands below; keep it once more and it is taken.");
            form.setVersion(before.version());
            return "client-form";
        }
        return "redirect:/clients/" + id;
    }

    @PostMapping("/clients/{id}/delete")
    String delete(@PathVariable String id, @RequestParam String confirm, Model model, HttpServletResponse response) {
        Client client = clients.get(id);
        if (!confirm.strip().equals(client.name())) {
            response.setStatus(422);
            model.addAttribute("client", client);
            model.addAttribute("form", ClientForm.of(client));
            model.addAttribute("notDeleted", "Nothing was deleted: type the name exactly, " + client.name() + ".");
            return "client-form";
        }
        clients.delete(id);
        compacting.begin();
        return "redirect:/clients";
    }
}
