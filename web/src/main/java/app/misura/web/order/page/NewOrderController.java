package app.misura.web.order.page;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.length.Unit;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.house.Judgings;
import app.misura.web.known.KnownBody;
import app.misura.web.known.KnownSheets;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.ui.FormSaid;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

@Controller
class NewOrderController {
    /** So many clients are offered at once; the others are found by their names. */
    private static final int OFFERED = 50;

    private final Orders orders;
    private final Clients clients;
    private final OrderForms forms;
    private final House house;
    private final KnownBody known;
    private final Judgings judgings;
    private final Clock clock;

    NewOrderController(
            Orders orders,
            Clients clients,
            OrderForms forms,
            House house,
            KnownBody known,
            Judgings judgings,
            Clock clock) {
        this.orders = orders;
        this.clients = clients;
        this.forms = forms;
        this.house = house;
        this.known = known;
        this.judgings = judgings;
        this.clock = clock;
    }

    /** An empty order, or what was typed of one, with the questions of the form that is chosen. */
    @GetMapping("/orders/new")
    String form(@ModelAttribute("form") OrderFormData data, Model model) {
        OrderForm chosen = forms.find(data.getForm()).orElse(forms.all().get(0));
        data.setForm(chosen.id());
        Set<String> usual = forms.all().stream().map(NewOrderController::title).collect(Collectors.toSet());
        if (data.getTitle().isBlank() || usual.contains(data.getTitle())) {
            data.setTitle(title(chosen));
        }
        if (data.getUnit().isBlank()) {
            data.setUnit(house.rules().unit());
        }
        model.addAttribute("form", data);
        return page(data, model);
    }

    private static String title(OrderForm form) {
        return Garments.shipped().of(form).map(Garment::title).orElse(form.title());
    }

    private String page(OrderFormData data, Model model) {
        Optional<Client> client = clients.find(data.getClient());
        model.addAttribute("client", client.orElse(null));
        Clients.Found found =
                client.isPresent() ? new Clients.Found(List.of(), 0) : clients.search(data.getFind(), 0, OFFERED);
        model.addAttribute("clients", found.clients());
        model.addAttribute("more", Math.max(0, found.total() - found.clients().size()));
        OrderForm chosen = forms.find(data.getForm()).orElse(forms.all().get(0));
        Optional<KnownSheets> body = client.map(known::of);
        model.addAttribute(
                "forms", forms.all().stream().map(f -> choice(f, body, data)).toList());
        model.addAttribute("said", FormSaid.of(chosen, judgings.now()));
        model.addAttribute("options", chosen.options());
        model.addAttribute(
                "reuse",
                body.map(b -> b.on(in(chosen, data), data.getOptions()))
                        .map(ReuseView::of)
                        .orElse(null));
        return "order-form";
    }

    /** A form as it is offered. @param known how much of it is left to take; empty where nothing is known */
    record Choice(String id, String title, String known) {}

    private static Choice choice(OrderForm form, Optional<KnownSheets> body, OrderFormData data) {
        String left = body.map(b -> b.on(in(form, data), Map.of()).words()).orElse("");
        return new Choice(form.id(), form.title(), left);
    }

    /** A form in the tape that is chosen; as it is shipped while none is. */
    private static OrderForm in(OrderForm form, OrderFormData data) {
        return data.getUnit().matches("cm|in") ? form.in(Unit.parse(data.getUnit())) : form;
    }

    @PostMapping("/orders")
    String add(
            @Valid @ModelAttribute("form") OrderFormData data,
            BindingResult faults,
            Principal who,
            Model model,
            HttpServletResponse response) {
        if (data.getClient().isBlank()) {
            faults.rejectValue("client", "nobody", "Say whose garment it is.");
        } else if (clients.find(data.getClient()).isEmpty()) {
            faults.rejectValue("client", "gone", "This client is not here any more.");
        }
        Optional<OrderForm> form = forms.find(data.getForm());
        if (form.isEmpty()) {
            faults.rejectValue("form", "unknown", "There is no such form.");
        }
        data.checkDay(faults, clock);
        Map<String, String> wrong = form.map(f -> f.faults(data.getOptions())).orElse(Map.of());
        wrong.values().forEach(message -> faults.reject("option", message));
        if (faults.hasErrors()) {
            response.setStatus(422);
            return page(data, model);
        }
        List<Orders.NewOrder> wanted = new ArrayList<>();
        wanted.add(order(data, form.orElseThrow(), data.getTitle(), data.getOptions()));
        forms.find(data.getWith())
                .filter(with -> !with.id().equals(data.getForm()))
                .ifPresent(with -> wanted.add(order(data, with, title(with), Map.of())));
        List<GarmentOrder> sheets = orders.addTogether(wanted, who.getName());
        if (data.isKnown()) {
            sheets.forEach(s -> known.takeOver(s.id(), who.getName()));
        }
        return "redirect:/orders/" + sheets.get(0).id() + "/measure";
    }

    private static Orders.NewOrder order(
            OrderFormData data, OrderForm form, String title, Map<String, String> options) {
        return new Orders.NewOrder(data.getClient(), title, form.in(data.unitOr(form.unit())), data.day(), options);
    }

    /** An order's own address leads to where its work stands. */
    @GetMapping("/orders/{id}")
    String order(@PathVariable String id) {
        boolean complete = orders.get(id).course().isComplete();
        return "redirect:/orders/" + id + (complete ? "/proof" : "/measure");
    }
}
