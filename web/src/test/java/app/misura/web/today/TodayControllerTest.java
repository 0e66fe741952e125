package app.misura.web.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.web.TestOrders;
import app.misura.web.account.Role;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.store.Backups;
import app.misura.web.ui.Who;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;

class TodayControllerTest {
    private final Orders orders = mock(Orders.class);
    private final Backups backups = mock(Backups.class);
    private final TodayController controller =
            new TodayController(orders, backups, mock(CutSpecs.class), TestOrders.CLOCK);

    private static GarmentOrder order(String name, int needed, Stage stage, String readings, String... marks) {
        return TestOrders.of(name, readings, TestOrders.marks(marks), Unit.CM, stage, needed);
    }

    @SuppressWarnings("unchecked")
    private List<TodayController.Waiting> waiting(Role role, GarmentOrder... open) {
        when(orders.waiting(any(), anyInt())).thenReturn(List.of(open));
        when(backups.copies()).thenReturn(new Backups.Copies(Path.of("copies"), null, "The copy failed."));
        when(orders.counts()).thenReturn(Map.of(Stage.CUTTING, 2L));
        when(orders.due(TestOrders.TODAY, TestOrders.TODAY.plusDays(7), 200))
                .thenReturn(List.of(new Orders.Due(TestOrders.TODAY.plusDays(1), "o1", "Ann", "trousers")));
        ExtendedModelMap model = new ExtendedModelMap();
        assertThat(controller.today(new Who("somebody", "Somebody", role), model))
                .isEqualTo("today");
        assertThat(model.get("date")).isEqualTo("Wednesday 13 May");
        assertThat(model.get("copyFailure")).isEqualTo(role == Role.OWNER ? "The copy failed." : null);
        assertThat(model.get("board")).isEqualTo(List.of(new TodayController.Board("CUTTING", "cutting", 2)));
        assertThat(((List<TodayController.Day>) model.get("week")).get(1).lines())
                .containsExactly("Ann, trousers");
        return (List<TodayController.Waiting>) model.get("waiting");
    }

    @Test
    void whoMeasuresSeesWhatIsMeasuredAndWhoCutsWhatIsCut() {
        waiting(Role.MEASURER);
        verify(orders).waiting(EnumSet.of(Stage.MEASURING, Stage.IN_REVIEW), 31);
        waiting(Role.CUTTER);
        verify(orders)
                .waiting(EnumSet.of(Stage.IN_REVIEW, Stage.MEASURED, Stage.CUTTING, Stage.MAKING, Stage.READY), 31);
        assertThat(waiting(Role.VIEWER, order("Good", 5, Stage.IN_REVIEW, TestOrders.FULL, "P1", "P2"))
                        .get(0)
                        .verb())
                .isEqualTo("Look");
    }

    @Test
    void whatWasOpenedAgainIsSaidWhereverTheOrderStands() {
        TodayController.Waiting slip = waiting(
                        Role.OWNER,
                        order("Slip", 1, Stage.CUTTING, TestOrders.FULL.replace("S2=32.5", "S2=40"), "P1", "P2"))
                .get(0);
        assertThat(slip.state()).startsWith("cutting, but: one number is wrong: S2");
        assertThat(slip.verb()).isEqualTo("Review");
    }

    @Test
    void eachOrderSaysWhatComesNext() {
        List<TodayController.Waiting> list = waiting(
                Role.OWNER,
                order("Late", -2, Stage.MEASURING, ""),
                order("Half", 0, Stage.MEASURING, "P3=171 D1=103", "P1"),
                order("Slip", 1, Stage.IN_REVIEW, TestOrders.FULL.replace("S2=32.5", "S2=40"), "P1", "P2"),
                order("Good", 5, Stage.IN_REVIEW, TestOrders.FULL, "P1", "P2"),
                order("Cut", 6, Stage.CUTTING, TestOrders.FULL, "P1", "P2"),
                order("Done", 7, Stage.MEASURED, TestOrders.FULL, "P1", "P2"),
                order("Ready", 8, Stage.READY, TestOrders.FULL, "P1", "P2"));
        assertThat(list.stream().map(TodayController.Waiting::when))
                .containsExactly("2 days late", "today", "1 day", "5 days", "6 days", "7 days", "8 days");
        assertThat(list.stream().map(TodayController.Waiting::verb))
                .containsExactly("Begin", "Go on", "Review", "Look through", "Cut sheet", "Ease and cut", "Hand over");
        assertThat(list.get(1).state()).isEqualTo("measuring, 17 of 20 to take");
        assertThat(list.get(2).state()).isEqualTo("one number is wrong: S2, about 7.5 cm too long");
        assertThat(list.get(2).signs()).hasSize(4).anyMatch(s -> s.contains("b-wrong"));
        assertThat(list.get(3).link()).isEqualTo("/orders/oGood/proof");
    }

    @Test
    void anEmptyHouseWaitsForNothing() {
        assertThat(waiting(Role.OWNER)).isEmpty();
    }
}
