package app.misura.web.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.core.course.Marks;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.length.Entry;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.order.Stage;
import app.misura.web.order.StoredReading;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;

class TodayControllerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 13);

    private final Orders orders = mock(Orders.class);
    private final TodayController controller =
            new TodayController(orders, Clock.fixed(TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC));

    private static GarmentOrder order(String name, int needed, Stage stage, String text, String... marks) {
        OrderForm form = OrderForms.shipped().get("trousers-tailored");
        Client client = new Client("c" + name, name, Side.RIGHT, AgeGroup.ADULT, "", Instant.EPOCH, 0);
        List<StoredReading> readings = new ArrayList<>();
        for (String each : text.isBlank() ? new String[0] : text.split(" ")) {
            String[] parts = each.split("=");
            String label = parts[0].replaceAll("[lr]$", "");
            Side side = parts[0].endsWith("l") ? Side.LEFT : Side.RIGHT;
            readings.add(new StoredReading(
                    each,
                    new Reading(
                            label,
                            side,
                            parts[1],
                            Entry.parse(parts[1], form.unit()).asLength().orElseThrow(),
                            form.step(label).play(),
                            Instant.EPOCH,
                            "m",
                            null,
                            null),
                    null));
        }
        Sheet sheet = new Sheet(
                form,
                client.wearer(),
                Map.of(),
                readings.stream().map(StoredReading::reading).toList());
        return new GarmentOrder(
                "o" + name,
                1,
                client,
                "trousers",
                stage,
                TODAY.plusDays(needed),
                sheet,
                readings,
                marks(marks),
                "",
                Instant.EPOCH,
                0);
    }

    private static Marks marks(String... labels) {
        Marks marks = Marks.NONE;
        for (String label : labels) {
            marks = marks.with(label, Instant.EPOCH);
        }
        return marks;
    }

    private static final String FULL =
            "P3=171 D1=103 D2=58.5 D3=45 D4=18 D7=36.5 D8=38 D9l=57.5 D9r=58 U1=101.5 U2=87.5 U2=87.5 S1=77.5 S2=32.5 S3=69.5 S4=27 S5=42.5 M1=25.5 M2=41";

    @SuppressWarnings("unchecked")
    private List<TodayController.Waiting> waiting(GarmentOrder... open) {
        when(orders.open()).thenReturn(List.of(open));
        ExtendedModelMap model = new ExtendedModelMap();
        assertThat(controller.today(model)).isEqualTo("today");
        assertThat(model.get("date")).isEqualTo("Wednesday 13 May");
        return (List<TodayController.Waiting>) model.get("waiting");
    }

    @Test
    void eachOrderSaysWhatComesNext() {
        List<TodayController.Waiting> list = waiting(
                order("Late", -2, Stage.MEASURING, ""),
                order("Half", 0, Stage.MEASURING, "P3=171 D1=103", "P1"),
                order("Slip", 1, Stage.IN_REVIEW, FULL.replace("S2=32.5", "S2=40"), "P1", "P2"),
                order("Good", 5, Stage.IN_REVIEW, FULL, "P1", "P2"),
                order("Cut", 6, Stage.CUTTING, FULL, "P1", "P2"));
        assertThat(list.stream().map(TodayController.Waiting::when))
                .containsExactly("2 days late", "today", "1 day", "5 days", "6 days");
        assertThat(list.stream().map(TodayController.Waiting::verb))
                .containsExactly("Begin", "Go on", "Review", "Ease and cut", "Cut sheet");
        assertThat(list.get(1).state()).isEqualTo("measuring, 17 of 20 to take");
        assertThat(list.get(2).state()).isEqualTo("one number is wrong: step S2, about 7.5 cm too long");
        assertThat(list.get(2).signs()).hasSize(4).anyMatch(s -> s.contains("b-wrong"));
        assertThat(list.get(3).link()).isEqualTo("/orders/oGood/cut");
    }

    @Test
    void anEmptyHouseWaitsForNothing() {
        assertThat(waiting()).isEmpty();
    }
}
