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

import app.misura.core.fit.FitChoice;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.format.sheet.CutTable;
import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

class CutControllerTest {
    private final Orders orders = mock(Orders.class);
    private final CutSpecs specs = mock(CutSpecs.class);
    private final Accounts accounts = mock(Accounts.class);
    private final CutController controller = new CutController(orders, specs, accounts, TestOrders.CLOCK);
    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private void order(String readings) {
        GarmentOrder order = TestOrders.of("1", readings, TestOrders.MARKED);
        when(orders.get("o1")).thenReturn(order);
        when(orders.choose(eq("o1"), anyLong(), anyString())).thenReturn(order);
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
        CutForm form = new CutForm();
        form.setFit("easy");
        form.setVersion(0);
        assertThat(controller.choose("o1", form, "cut", model, response)).isEqualTo("cut :: cut");
        verify(orders).choose(eq("o1"), eq(0L), org.mockito.ArgumentMatchers.contains("easy"));
        assertThat(controller.choose("o1", form, null, model, response))
                .as("without script the page is loaded anew")
                .isEqualTo("redirect:/orders/o1/cut");
    }

    @Test
    void whatDoesNotFitIsSaidAtItsFieldAndNothingIsKept() {
        order(TestOrders.FULL);
        CutForm form = new CutForm();
        form.setHem("wide");
        form.setBand("99");
        form.setFit("baggy");
        assertThat(controller.choose("o1", form, "cut", model, response)).isEqualTo("cut :: cut");
        assertThat(response.getStatus()).isEqualTo(422);
        Map<?, ?> faults = (Map<?, ?>) model.get("faults");
        assertThat(faults.keySet()).isEqualTo(java.util.Set.of("hem", "band", "fit"));
        assertThat(((CutForm) model.get("form")).getHem()).isEqualTo("wide");
        assertThat(model.get("cut")).as("the cut of before stands").isNotNull();
        verify(orders, never()).choose(any(), anyLong(), any());
    }

    @ParameterizedTest
    @CsvSource({"hem, 14.9", "hem, 121", "hem, NaN", "hem, 1e3", "band, 0.5", "up, -1", "shrinkAcross, 16", "layers, 51"
    })
    void numbersHaveTheirBounds(String field, String text) {
        CutForm form = new CutForm();
        switch (field) {
            case "hem" -> form.setHem(text);
            case "band" -> form.setBand(text);
            case "up" -> form.setUp(text);
            case "shrinkAcross" -> form.setShrinkAcross(text);
            default -> form.setLayers(text);
        }
        CutChoices.Read read = CutChoices.read(form, TrousersChoices.of(Map.of()));
        assertThat(read.choices()).isEmpty();
        assertThat(read.faults()).containsOnlyKeys(field);
        assertThat(read.faults().get(field)).contains("\"" + text + "\" does not fit");
    }

    @Test
    void whatIsShownIsReadBackAsItWas() {
        for (FitChoice fit : FitChoice.values()) {
            TrousersChoices choices = TrousersChoices.of(Map.of("front", "two-pleats", "seat-shape", "flat"))
                    .withFit(fit);
            CutChoices.Read read = CutChoices.read(CutChoices.form(choices, 3), choices);
            assertThat(read.choices()).contains(choices);
            assertThat(CutChoices.form(choices, 3).getVersion()).isEqualTo(3);
        }
    }

    @Test
    void aDecimalCommaIsOne() {
        CutForm form = new CutForm();
        form.setHem(" 42,5 ");
        assertThat(CutChoices.read(form, TrousersChoices.of(Map.of()))
                        .choices()
                        .orElseThrow()
                        .hemGirth())
                .isEqualTo(425);
    }
}
