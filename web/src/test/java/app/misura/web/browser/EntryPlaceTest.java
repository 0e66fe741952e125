package app.misura.web.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders.NewOrder;
import app.misura.web.reading.Readings;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * On every form the number is typed in one place, so that nobody looks for it: with one value, and with two. Of each the steps with
 * the most and the fewest words, between which all others lie.
 */
class EntryPlaceTest extends InTheBrowser {
    @Autowired
    private Clients clients;

    @Autowired
    private OrderForms forms;

    @Autowired
    private Readings readings;

    private GarmentOrder order(OrderForm form, String client) {
        GarmentOrder order =
                orders.add(new NewOrder(client, "placed", form, LocalDate.of(2027, 1, 1), Map.of()), "owner");
        form.steps().stream().filter(Step::isMark).forEach(mark -> readings.setMark(order.id(), mark.label(), "owner"));
        return orders.get(order.id());
    }

    @Test
    void theEntryStandsInOnePlace() throws IOException {
        browser.signIn(base, "owner");
        Client client = clients.add(
                new Client.About("Placed", Side.RIGHT, AgeGroup.ADULT, "", "", LocalDate.of(2026, 1, 1)), "owner");
        Map<Boolean, Long> places = new TreeMap<>();
        int steps = 0;
        for (OrderForm form : forms.all()) {
            GarmentOrder order = order(form, client.id());
            for (Step step : ends(order.course().counted())) {
                browser.driver().get(base + "/orders/" + order.id() + "/measure?step=" + step.label());
                Long bottom = (Long) browser.script(
                        "return Math.round(document.querySelector('#entry').getBoundingClientRect().bottom)");
                places.putIfAbsent(step.side().isTwo(), bottom);
                assertThat(bottom)
                        .as(form.id() + " " + step.label())
                        .isCloseTo(places.get(step.side().isTwo()), within(1L));
                steps++;
            }
        }
        assertThat(steps).isGreaterThan(50);
    }

    private static Set<Step> ends(List<Step> counted) {
        Set<Step> ends = new LinkedHashSet<>();
        for (boolean two : new boolean[] {false, true}) {
            List<Step> sorted = counted.stream()
                    .filter(step -> step.takesReadings() && step.side().isTwo() == two)
                    .sorted(Comparator.comparingInt(step -> step.prompt().how().length()))
                    .toList();
            if (!sorted.isEmpty()) {
                ends.add(sorted.get(0));
                ends.add(sorted.get(sorted.size() - 1));
            }
        }
        return ends;
    }
}
