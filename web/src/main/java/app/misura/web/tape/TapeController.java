package app.misura.web.tape;

import app.misura.core.course.Course;
import app.misura.core.form.ValueId;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Taking;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.ui.Crumb;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Shows the simulated tape of one order. What it sends goes through the interface, not through here. */
@Controller
class TapeController {
    private final Orders orders;

    TapeController(Orders orders) {
        this.orders = orders;
    }

    /** A value that can be sent. @param step of it @param side of a step that takes both; empty else @param waits whether nothing is read yet */
    record Choice(String step, String side, String name, boolean waits) {
        static Choice of(Sheet.Slot slot, Course course) {
            ValueId id = slot.id();
            return new Choice(
                    id.step(),
                    id.side() == null ? "" : id.side().word(),
                    id + ", " + slot.step().name(),
                    !course.proof().settled().containsKey(id));
        }
    }

    @GetMapping("/orders/{id}/tape")
    String tape(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        List<Choice> choices = order.sheet().slots().stream()
                .map(slot -> Choice.of(slot, order.course()))
                .toList();
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.ORDER));
        model.addAttribute("choices", choices);
        model.addAttribute("unit", order.form().unit().symbol());
        model.addAttribute("aid", Taking.simulated().text());
        return "tape";
    }
}
