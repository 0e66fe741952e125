package app.misura.web.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.format.sheet.CutTable;
import app.misura.core.house.HouseTables;
import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tables;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

class CutControllerTest {
    private final Orders orders = mock(Orders.class);
    private final OrderLife life = mock(OrderLife.class);
    private final CutSpecs specs = mock(CutSpecs.class);
    private final Accounts accounts = mock(Accounts.class);
    private final Tables tables = mock(Tables.class);
    private final CutController controller = new CutController(orders, life, specs, accounts, TestOrders.CLOCK, tables);

    @BeforeEach
    void theTablesThatShip() {
        when(tables.now()).thenReturn(HouseTables.shipped());
    }

    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private void order(String readings) {
        GarmentOrder order = TestOrders.of("1", readings, TestOrders.MARKED);
        when(orders.get("o1")).thenReturn(order);
        when(life.choose(eq("o1"), anyLong(), anyString())).thenReturn(order);
    }

    @Test
    void aWholeSheetIsCutAndItsLinesAreShown() {
        order(TestOrders.FULL);
        assertThat(controller.cut("o1", model)).isEqualTo("cut");
        CutTable table = (CutTable) model.get("cut");
        assertThat(table.rows()).extracting(CutTable.Row::line).contains("waist", "seat", "knee", "crotch-loop");
        assertThat((String) model.get("pieces")).contains("<svg").doesNotContain("style=");
        assertThat(model.get("refusal")).isNull();
        assertThat(model.get("open")).isEqualTo(false);
    }

    @Test
    void whatIsMissingIsNamedAndNoPieceIsShown() {
        order("P3=171 D1=103");
        controller.cut("o1", model);
        assertThat(model.get("cut")).isNull();
        assertThat(model.get("pieces")).isNull();
        assertThat((List<?>) model.get("inputs")).isNotEmpty();
        assertThat((String) model.get("refusal")).contains("U1");
    }

    @Test
    void whatWasPrintedBeforeIsNamedWithItsHandAndHour() {
        order(TestOrders.FULL);
        when(accounts.called("cutter")).thenReturn("Noor Castellanos");
        when(specs.of("o1")).thenReturn(List.of(new CutSpecs.Printed("s1", TestOrders.NOW, "cutter")));
        controller.cut("o1", model);
        assertThat(model.get("printed"))
                .isEqualTo(List.of(new CutController.Before("s1", "today 09:00", "Noor Castellanos")));
    }

    @Test
    void anOpenProofIsSaidOverTheCut() {
        order(TestOrders.FULL.replace("S2=32.5", "S2=40"));
        controller.cut("o1", model);
        assertThat(model.get("open")).isEqualTo(true);
        assertThat(model.get("cut")).isNotNull();
    }

    @Test
    void aChoiceIsKeptAndOnlyTheCutRedrawn() {
        order(TestOrders.FULL);
        Map<String, String> typed = Map.of("fit", "easy", "version", "0");
        assertThat(controller.choose("o1", typed, 0, "cut", model, response)).isEqualTo("cut :: cut");
        verify(life).choose(eq("o1"), eq(0L), org.mockito.ArgumentMatchers.contains("easy"));
        assertThat(controller.choose("o1", typed, 0, null, model, response))
                .as("without script the page is loaded anew")
                .isEqualTo("redirect:/orders/o1/cut");
    }

    @Test
    void whatDoesNotFitIsSaidAtItsFieldAndNothingIsKept() {
        order(TestOrders.FULL);
        Map<String, String> typed = Map.of("hem-girth", "wide", "band", "99", "fit", "baggy", "growth", "3");
        assertThat(controller.choose("o1", typed, 0, "cut", model, response)).isEqualTo("cut :: cut");
        assertThat(response.getStatus()).isEqualTo(422);
        List<CutController.ChoiceView> views = views();
        assertThat(views.stream()
                        .filter(v -> v.fault() != null)
                        .map(v -> v.def().id()))
                .containsExactlyInAnyOrder("hem-girth", "band", "fit", "growth");
        assertThat(views.stream()
                        .filter(v -> v.def().id().equals("hem-girth"))
                        .findFirst()
                        .orElseThrow()
                        .value())
                .isEqualTo("wide");
        assertThat(model.get("cut")).as("the cut of before stands").isNotNull();
        verify(life, never()).choose(any(), anyLong(), any());
    }

    @Test
    void whoChoosesLaterIsToldAndWhatTheyChoseStands() {
        order(TestOrders.FULL);
        when(life.choose(eq("o1"), anyLong(), anyString()))
                .thenThrow(new org.springframework.dao.OptimisticLockingFailureException("late"));
        assertThat(controller.choose("o1", Map.of("fit", "close"), 0, "cut", model, response))
                .isEqualTo("cut :: cut");
        assertThat(response.getStatus()).isEqualTo(409);
        assertThat((String) model.get("late")).contains("Somebody changed this order meanwhile");
        assertThat(views().stream()
                        .filter(v -> v.def().id().equals("fit"))
                        .findFirst()
                        .orElseThrow()
                        .value())
                .isEqualTo("close");
    }

    @SuppressWarnings("unchecked")
    private List<CutController.ChoiceView> views() {
        return (List<CutController.ChoiceView>) model.get("choices");
    }

    @Test
    void everyChoiceOfTheGarmentIsAskedForOnThePage() {
        order(TestOrders.FULL);
        controller.cut("o1", model);
        assertThat(views().stream().map(v -> v.def().id()))
                .contains("fit", "hem-up", "layers", "stretch-along", "seam", "hem-allowance", "growth");
        assertThat(views().stream()
                        .filter(v -> v.def().id().equals("band"))
                        .findFirst()
                        .orElseThrow()
                        .label())
                .isEqualTo("Waistband, cm");
    }

    @Test
    void aChoiceThatCannotBeDrawnIsSaidAndNoReadingIsBlamed() {
        String shortLegs = TestOrders.FULL
                .replace("D1=103", "D1=93")
                .replace("D2=58.5", "D2=48.5")
                .replace("S1=77.5", "S1=67.5")
                .replace("S2=32.5", "S2=22.5");
        order(shortLegs);
        controller.choose("o1", Map.of("hem-up", "69"), 0, "cut", model, response);
        assertThat(model.get("cut")).isNull();
        assertThat((String) model.get("refusal")).contains("hem off floor 69 cm");
        assertThat((List<?>) model.get("inputs"))
                .as("no reading is to be taken again")
                .isEmpty();
    }
}
