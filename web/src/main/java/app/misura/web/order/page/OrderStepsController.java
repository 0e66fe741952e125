package app.misura.web.order.page;

import app.misura.web.order.OrderLife;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Asks more than an order's selection does: single steps of its whole form, or all of them. */
@Controller
class OrderStepsController {
    private final OrderLife life;

    OrderStepsController(OrderLife life) {
        this.life = life;
    }

    @PostMapping("/orders/{id}/steps")
    String ask(
            @PathVariable String id,
            @RequestParam long version,
            @RequestParam(name = "step", defaultValue = "") List<String> steps) {
        life.ask(id, version, steps);
        return "redirect:/orders/" + id + "/order";
    }

    @PostMapping("/orders/{id}/whole-form")
    String goOn(@PathVariable String id, @RequestParam long version) {
        life.goOnWithWholeForm(id, version);
        return "redirect:/orders/" + id + "/measure";
    }
}
