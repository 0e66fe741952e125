package app.misura.web.order.page;

import app.misura.core.life.Stage;
import app.misura.web.order.Orders;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** All orders, newest first: by stage, by whose they are, by number. */
@Controller
class OrderListController {
    private static final int PAGE = 50;
    private static final int LAST_PAGE = 100_000;
    private final Orders orders;
    private final Clock clock;

    OrderListController(Orders orders, Clock clock) {
        this.orders = orders;
        this.clock = clock;
    }

    record Line(String id, int number, String client, String title, String needed, String stage) {}

    @GetMapping("/orders")
    String list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String stage,
            @RequestParam(defaultValue = "0") int page,
            Model model) {
        String part = q.length() > 120 ? q.substring(0, 120) : q;
        Optional<Stage> wanted = Arrays.stream(Stage.values())
                .filter(s -> s.name().equals(stage))
                .findFirst();
        int shown = Math.max(0, Math.min(page, LAST_PAGE));
        Slice<Orders.Listed> found = orders.list(part, wanted, shown, PAGE);
        model.addAttribute("q", part);
        model.addAttribute("stage", wanted.orElse(null));
        model.addAttribute("stages", Stage.values());
        model.addAttribute("page", shown);
        model.addAttribute("more", found.hasNext());
        model.addAttribute(
                "orders",
                found.stream()
                        .map(o -> new Line(
                                o.id(),
                                o.number(),
                                o.client(),
                                o.title(),
                                Say.day(o.neededOn(), LocalDate.now(clock)),
                                o.stage().word()))
                        .toList());
        return "orders";
    }
}
