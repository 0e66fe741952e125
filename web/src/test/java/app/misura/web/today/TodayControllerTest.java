package app.misura.web.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.core.length.Unit;
import app.misura.web.TestOrders;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.order.Stage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;

class TodayControllerTest {
    private final Orders orders = mock(Orders.class);
    private final TodayController controller = new TodayController(orders, TestOrders.CLOCK);

    private static GarmentOrder order(String name, int needed, Stage stage, String readings, String... marks) {
        return TestOrders.of(name, readings, TestOrders.marks(marks), Unit.CM, stage, needed);
    }

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
                order("Slip", 1, Stage.IN_REVIEW, TestOrders.FULL.replace("S2=32.5", "S2=40"), "P1", "P2"),
                order("Good", 5, Stage.IN_REVIEW, TestOrders.FULL, "P1", "P2"),
                order("Cut", 6, Stage.CUTTING, TestOrders.FULL, "P1", "P2"));
        assertThat(list.stream().map(TodayController.Waiting::when))
                .containsExactly("2 days late", "today", "1 day", "5 days", "6 days");
        assertThat(list.stream().map(TodayController.Waiting::verb))
                .containsExactly("Begin", "Go on", "Review", "Ease and cut", "Cut sheet");
        assertThat(list.get(1).state()).isEqualTo("measuring, 17 of 20 to take");
        assertThat(list.get(2).state()).isEqualTo("one number is wrong: S2, about 7.5 cm too long");
        assertThat(list.get(2).signs()).hasSize(4).anyMatch(s -> s.contains("b-wrong"));
        assertThat(list.get(3).link()).isEqualTo("/orders/oGood/cut");
    }

    @Test
    void anEmptyHouseWaitsForNothing() {
        assertThat(waiting()).isEmpty();
    }
}
