package app.misura.web.ui;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.web.TestOrders;
import app.misura.web.order.GarmentOrder;
import java.util.List;
import org.junit.jupiter.api.Test;

class LadderViewTest {
    private static LadderView view(GarmentOrder order, String now) {
        return LadderView.of(order.course(), new Focus(now, null), Metrics.SCREEN);
    }

    private static LadderView view(String readings, String now) {
        return view(TestOrders.of("Somebody", readings, TestOrders.MARKED), now);
    }

    private static LadderView.RungView rung(LadderView view, String label) {
        return view.parts().stream()
                .flatMap(p -> p.rungs().stream())
                .filter(r -> r.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    private static LadderView.PartView part(LadderView view, String letter) {
        return view.parts().stream()
                .filter(p -> p.letter().equals(letter))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theHeadCountsStepsAndSums() {
        LadderView view = view(TestOrders.FULL.replace("S2=32.5", "S2=40").replace(" M1=25.5", ""), null);
        assertThat(view.progress()).isEqualTo("18 of 20");
        assertThat(view.counts()).extracting(LadderView.Count::words).containsExactly("2 closed", "1 wrong", "1 open");
        assertThat(view.counts()).filteredOn(LadderView.Count::wrong).hasSize(1);
        assertThat(view.counts()).allMatch(c -> c.sign().contains("<svg"));
    }

    @Test
    void everySumIsSaidInWords() {
        assertThat(view(TestOrders.FULL.replace(" S5=42.5", ""), null).spoken())
                .contains(
                        "Outside leg: D2 58.5 plus D3 45.0 is 103.5; D1 is 103.0; 0.5 over; allowed 1.0.",
                        "Loop: S4 plus S5 is S3; waits for S5.")
                .hasSize(4);
    }

    @Test
    void aRungSaysItsStateInWordsWhereOnlyColourWould() {
        LadderView view = view(TestOrders.FULL.replace("S2=32.5", "S2=40"), "W1");
        assertThat(rung(view, "S2").unseen()).isEqualTo("centimetres, wrong, in one sum: inside leg wrong");
        assertThat(rung(view, "S2").css()).contains("wrong");
        assertThat(rung(view, "W1").note()).isEqualTo("now");
        assertThat(rung(view, "W1").now()).isTrue();
        assertThat(rung(view("", "P3"), "D1").unseen())
                .isEqualTo("to come, in 2 sums: outside leg to come, rise to come");
        assertThat(rung(view, "P3").unseen()).isEqualTo("centimetres");
    }

    @Test
    void aLockedRungNamesItsMark() {
        LadderView view = view(TestOrders.of("Somebody", "P3=171", TestOrders.marks("P1")), "P2");
        assertThat(rung(view, "D3").note()).isEqualTo("needs P2");
        assertThat(rung(view, "D3").css()).startsWith("locked");
        assertThat(rung(view, "D1").note()).isEmpty();
    }

    @Test
    void whatAMovedMarkReopensIsToBeLookedAtAgain() {
        LadderView view =
                view(TestOrders.of("Somebody", TestOrders.FULL, TestOrders.MARKED.with("P2", TestOrders.NOW)), null);
        assertThat(rung(view, "D3").unseen()).contains("to be looked at again");
        assertThat(rung(view, "D1").unseen()).doesNotContain("again");
    }

    @Test
    void valuesAlignAtThePointOrTheFraction() {
        assertThat(rung(view(TestOrders.FULL, null), "D2").values())
                .containsExactly(new LadderView.Value("58", ".5", "v"));
        assertThat(rung(view(TestOrders.FULL, null), "D9").values()).hasSize(2);
        GarmentOrder inches = TestOrders.of("Inch", "D1=40_3/4", TestOrders.MARKED, Unit.INCH, Stage.MEASURING, 1);
        assertThat(rung(view(inches, null), "D1").values())
                .isEqualTo(List.of(new LadderView.Value("40", "3/4", "v frac")));
        assertThat(rung(view("", null), "P1").values()).containsExactly(new LadderView.Value("set", "", "word"));
    }

    @Test
    void aGateStandsUnderItsPart() {
        assertThat(part(view("", null), "D").gate()).isNull();
        assertThat(part(view(TestOrders.FULL, null), "D").gate()).isEmpty();
        LadderView wrong = view(TestOrders.FULL.replace("S2=32.5", "S2=40"), null);
        assertThat(part(wrong, "S").gate()).isEqualTo("Gate: 1 to clear first");
        LadderView two = view(TestOrders.FULL.replace("S2=32.5", "S2=40").replace("S5=42.5", "S5=52"), null);
        assertThat(part(two, "S").gate()).isEqualTo("Gate: 2 to clear first");
    }

    @Test
    void theDerivedRungIsOneOfItsPart() {
        assertThat(rung(view(TestOrders.FULL, null), "rise").derived()).isTrue();
    }
}
