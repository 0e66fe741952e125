package app.misura.web.order.page;

import app.misura.core.length.Unit;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.ui.Crumb;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Changes what an order is: title, day, notes, the form's questions; its tape while nothing is read. */
@Controller
class OrderEditController {
    private final Orders orders;
    private final OrderLife life;
    private final Clock clock;

    OrderEditController(Orders orders, OrderLife life, Clock clock) {
        this.orders = orders;
        this.life = life;
        this.clock = clock;
    }

    @GetMapping("/orders/{id}/edit")
    String edit(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        model.addAttribute("form", OrderFormData.of(order));
        return page(order, model);
    }

    private static String page(GarmentOrder order, Model model) {
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.ORDER));
        model.addAttribute("options", order.form().options());
        model.addAttribute("unitIsOpen", order.readings().isEmpty());
        return "order-edit";
    }

    @PostMapping("/orders/{id}/edit")
    String change(
            @PathVariable String id,
            @Valid @ModelAttribute("form") OrderFormData data,
            BindingResult faults,
            Model model,
            HttpServletResponse response) {
        GarmentOrder before = orders.get(id);
        data.checkDay(faults, clock);
        before.form().faults(data.getOptions()).values().forEach(message -> faults.reject("option", message));
        Unit unit = before.readings().isEmpty() && !faults.hasFieldErrors("unit")
                ? data.unitOr(before.form().unit())
                : before.form().unit();
        if (faults.hasErrors()) {
            response.setStatus(422);
            return page(before, model);
        }
        try {
            life.change(
                    id,
                    data.getVersion(),
                    new OrderLife.Change(data.getTitle(), data.day(), data.getNotes(), unit, data.getOptions()));
        } catch (OptimisticLockingFailureException e) {
            GarmentOrder now = orders.get(id);
            response.setStatus(409);
            faults.reject(
                    "changed",
                    "Somebody changed this order meanwhile: now \"" + now.title() + "\", "
                            + app.misura.web.ui.Say.day(now.neededOn())
                            + ". What you typed stands below; keep it once more and it is taken.");
            data.setVersion(now.version());
            return page(now, model);
        }
        return "redirect:/orders/" + id + "/order";
    }
}
