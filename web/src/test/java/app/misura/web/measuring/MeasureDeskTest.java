package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.core.course.Marks;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tool;
import app.misura.web.house.Tools;
import app.misura.web.order.GarmentOrder;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class MeasureDeskTest {
    private final Accounts accounts = mock(Accounts.class);
    private final Presence presence = new Presence(TestOrders.CLOCK, new Live());
    private final Tools tools = mock(Tools.class);
    private final MeasureDesk desk = new MeasureDesk(TestOrders.CLOCK, presence, accounts, tools);

    private static GarmentOrder order(String readings) {
        return TestOrders.of("Somebody", readings, TestOrders.MARKED);
    }

    private MeasureView view(GarmentOrder order, String step) {
        return desk.view(order, Visit.at(Place.step(step, null), new Screen("measurer", "")));
    }

    private MeasureView.StepView step(GarmentOrder order, String step) {
        return Objects.requireNonNull(view(order, step).step());
    }

    @Test
    void aStepSaysWhatToDoAndNothingOfTheNumberToCome() {
        MeasureView view = view(order(TestOrders.FULL.replace(" S5=42.5", "")), "S5");
        MeasureView.StepView step = Objects.requireNonNull(view.step());
        assertThat(view.title()).isEqualTo("S5 Back rise");
        assertThat(step.how()).startsWith("From the lower edge of the band");
        assertThat(step.unit()).isEqualTo("cm");
        assertThat(step.fineness()).isEqualTo("to half centimetres");
        assertThat(step.sums()).singleElement().satisfies(s -> {
            assertThat(s.equation()).isEqualTo("S4 + S5 = S3");
            assertThat(s.state()).isEqualTo("closes now");
        });
        assertThat(view.ladder().spoken()).noneMatch(s -> s.contains("42.5"));
        assertThat(view.around().previous()).isEqualTo("S4");
        assertThat(view.around().next()).isEqualTo("M1");
        assertThat(view.kept()).isEqualTo("kept 08:59");
        assertThat(view.ladder().progress()).isEqualTo("18 of 20");
    }

    @Test
    void withoutAPlaceTheFirstStepThatWaitsIsAsked() {
        assertThat(view(order(""), null).title()).isEqualTo("P3 Height");
        assertThat(view(order(TestOrders.FULL), null).title()).isEqualTo("W1 Hem width");
        assertThat(view(order(TestOrders.FULL + " W1=20"), null).title())
                .as("nothing waits")
                .isEqualTo("End of the sheet");
        assertThat(view(order(TestOrders.FULL + " W1=20"), "W1").title())
                .as("a step can be gone back to")
                .isEqualTo("W1 Hem width");
        assertThat(view(order(""), "Z9").title()).as("no such step").isEqualTo("P3 Height");
        assertThat(view(order(""), "P1").around().previous()).isNull();
        assertThat(view(order(""), "W1").around().next()).isNull();
    }

    @Test
    void aStepWaitsForItsMark() {
        GarmentOrder unmarked = TestOrders.of("Somebody", "P3=171", TestOrders.marks("P1"));
        MeasureView.StepView knee = step(unmarked, "D3");
        assertThat(knee.missing()).isEqualTo(new MeasureView.MarkView("P2", "Knee centre"));
        assertThat(step(unmarked, "D1").missing()).isNull();
        assertThat(step(unmarked, "P1").markSet()).isTrue();
        assertThat(step(unmarked, "P2").markSet()).isFalse();
    }

    @Test
    void aMarkThatMovedAsksForWhatWasReadOverIt() {
        Marks moved = TestOrders.MARKED.with("P2", Instant.now().plusSeconds(60 * 60 * 24 * 365));
        GarmentOrder order = TestOrders.of("Somebody", TestOrders.FULL, moved);
        MeasureView view = view(order, "D2");
        assertThat(view.notice())
                .isEqualTo(new MeasureView.Notice(true, "Knee centre moved: 5 steps to look at again"));
        assertThat(Objects.requireNonNull(view.step()).still()).isEqualTo("58.5");
        assertThat(step(order, "U1").still()).isEmpty();
        assertThat(view(order(TestOrders.FULL), "D2").notice()).isNull();
    }

    @Test
    void bothSidesStandSideBySideAndTheOneThatWaitsIsAsked() {
        GarmentOrder left = order("P3=171 D9-left=57.5");
        MeasureView.StepView step = step(left, "D9");
        assertThat(step.sides())
                .containsExactly(
                        new MeasureView.SideView("left", "57.5", false), new MeasureView.SideView("right", "", true));
        assertThat(step.side()).isEqualTo("right");
        MeasureView.StepView again = Objects.requireNonNull(
                desk.view(left, Visit.at(Place.of("D9", "left", null), new Screen("measurer", "")))
                        .step());
        assertThat(again.side()).isEqualTo("left");
        assertThat(again.tries()).extracting(MeasureView.TryView::text).containsExactly("57.5");
        assertThat(step(left, "U1").sides()).isEmpty();
        assertThat(step(left, "U1").side()).isNull();
    }

    @Test
    void theFirstOfTwoThatMustAgreeIsHiddenUntilTheSecondIsIn() {
        assertThat(step(order("P3=171 U2=87.5"), "U2").tries())
                .singleElement()
                .satisfies(t -> assertThat(t.hidden()).isTrue());
        assertThat(step(order("P3=171 U2=87.5 U2=88"), "U2").tries()).hasSize(2).noneMatch(MeasureView.TryView::hidden);
        assertThat(step(order("P3=171 D1=103"), "D1").tries()).noneMatch(MeasureView.TryView::hidden);
        assertThat(step(order("P3=171 U2=85~ U2=87.5"), "U2").tries())
                .as("a struck one does not count as a first")
                .extracting(MeasureView.TryView::hidden)
                .containsExactly(false, true);
    }

    @Test
    void aStruckTryStandsThereWithItsReason() {
        assertThat(step(order("P3=171 D1=130~ D1=103"), "D1").tries())
                .extracting(MeasureView.TryView::text, MeasureView.TryView::struck)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("130.0", "tape twisted"),
                        org.assertj.core.groups.Tuple.tuple("103.0", null));
    }

    @Test
    void aWrongSumNamesItsWayOutOnEveryStep() {
        GarmentOrder wrong = order(TestOrders.FULL.replace("S2=32.5", "S2=40"));
        MeasureView.WayOut own = Objects.requireNonNull(step(wrong, "S2").wayOut());
        assertThat(own.said()).isEqualTo("S2 + D3 is 7.5 over S1.");
        assertThat(own.again()).isEqualTo("S2");
        assertThat(own.before()).as("before the next part that waits").isEqualTo("W");
        assertThat(Objects.requireNonNull(step(wrong, "U1").wayOut()).again()).isEqualTo("S2");
        assertThat(step(wrong, "S2").sums()).as("said as the way out").isEmpty();
        assertThat(step(order(TestOrders.FULL), "S2").wayOut()).isNull();
    }

    @Test
    void aGateThatAsksStandsInTheWay() {
        GarmentOrder wrong = order(TestOrders.FULL.replace("S2=32.5", "S2=40"));
        MeasureView view = desk.view(wrong, Visit.at(Place.of(null, null, "S"), new Screen("measurer", "")));
        assertThat(view.step()).isNull();
        MeasureView.GateView gate = Objects.requireNonNull(view.gate());
        assertThat(view.title()).isEqualTo("Gate after Self-held");
        assertThat(gate.hard()).isTrue();
        assertThat(gate.questions()).singleElement().satisfies(q -> {
            assertThat(q.said()).contains("S2").contains("too long");
            assertThat(q.gapes()).isEqualTo("Inside leg: S2 + D3 is 7.5 over S1.");
        });
        assertThat(gate.again()).extracting(MeasureView.Again::label).containsExactly("S2");
        assertThat(gate.onward()).isEqualTo(new MeasureView.MarkView("W1", "Hem width"));
        assertThat(view.figure()).as("the first of them is shown").isNotNull();
    }

    @Test
    void aHardGateStandsBeforeEveryPlaceBehindItHoweverItIsGoneTo() {
        GarmentOrder wrong = order(TestOrders.FULL.replace("S2=32.5", "S2=40"));
        for (String behind : java.util.List.of("M1", "M2", "W1")) {
            MeasureView view = desk.view(wrong, Visit.at(Place.step(behind, null), new Screen("measurer", "")));
            assertThat(view.gate()).as(behind).isNotNull();
            assertThat(view.step()).as(behind).isNull();
        }
        assertThat(desk.view(wrong, Visit.at(Place.step("S4", null), new Screen("measurer", "")))
                        .step())
                .isNotNull();
        assertThat(desk.view(wrong, Visit.at(Place.NOWHERE, new Screen("measurer", "")))
                        .gate())
                .isNotNull();
    }

    /** Who takes a measure again must not read the first try, neither in the list nor aloud. */
    @Test
    void theFirstOfTwoTriesIsHiddenEverywhere() {
        GarmentOrder one = order("P3=171 D1=103 U2=87.5");
        MeasureView view = desk.view(
                one,
                Visit.at(Place.step("U2", null), new Screen("measurer", "")).having("r2"));
        assertThat(view.ladder().parts().stream()
                        .flatMap(p -> p.rungs().stream())
                        .filter(r -> r.label().equals("U2"))
                        .flatMap(r -> r.values().stream())
                        .map(v -> v.whole() + v.rest()))
                .containsExactly("first kept");
        assertThat(view.said()).doesNotContain("87.5");
        GarmentOrder two = order("P3=171 D1=103 U2=87.5 U2=88");
        assertThat(desk.view(
                                two,
                                Visit.at(Place.step("U2", null), new Screen("measurer", ""))
                                        .having("r3"))
                        .said())
                .contains("88.0");
    }

    @Test
    void aGateThatWasClearedIsPassed() {
        MeasureView view =
                desk.view(order(TestOrders.FULL), Visit.at(Place.of(null, null, "S"), new Screen("measurer", "")));
        assertThat(view.gate()).isNull();
        assertThat(view.title()).isEqualTo("W1 Hem width");
    }

    @Test
    void whatWasKeptIsSaidWithItsSumAndWhatIsNext() {
        GarmentOrder order = order("P3=171 D1=103 D2=58.5 D3=45");
        MeasureView view = desk.view(
                order,
                Visit.at(Place.step("D4", null), new Screen("measurer", "")).having("r3"));
        assertThat(view.said())
                .isEqualTo("Kept 45.0. Outside leg closes. Inside leg waits for S1, S2. Next: D4, waist to seat.");
        assertThat(desk.view(
                                order,
                                Visit.at(Place.step("D4", null), new Screen("measurer", ""))
                                        .having("gone"))
                        .said())
                .isEmpty();
    }

    @Test
    void anInchFormHasItsFractions() {
        GarmentOrder inches = TestOrders.of("Inch", "D1=40_3/4", TestOrders.MARKED, Unit.INCH, Stage.MEASURING, 2);
        MeasureView.StepView step = step(inches, "D1");
        assertThat(step.unit()).isEqualTo("in");
        assertThat(step.fractions()).containsExactly("1/4", "1/2");
        assertThat(step.tries()).extracting(MeasureView.TryView::text).containsExactly("40 3/4");
        assertThat(step(order(""), "D1").fractions()).isEmpty();
    }

    @Test
    void whatCouldNotBeKeptStandsInTheEntryStill() {
        Heard refused = new Heard("12..5", "no", "wrong", "");
        MeasureView view = desk.view(
                order("P3=171"),
                Visit.at(Place.step("D1", null), new Screen("measurer", "")).having(refused));
        assertThat(Objects.requireNonNull(view.step()).heard().entry()).isEqualTo("12..5");
        assertThat(view.seen()).startsWith("1.0.");
    }

    @Test
    void theFigureCanBeTurned() {
        GarmentOrder order = order("P3=171");
        String own =
                Objects.requireNonNull(view(order, "D1").figure()).picture().svg();
        MeasureView turned = desk.view(
                order,
                Visit.at(Place.step("D1", null), new Screen("measurer", "")).turned("back"));
        assertThat(Objects.requireNonNull(turned.figure()).views())
                .filteredOn(t -> t.now())
                .singleElement()
                .satisfies(t -> assertThat(t.id()).isEqualTo("back"));
        assertThat(turned.figure().picture().svg()).isNotEqualTo(own);
        assertThat(own).contains("tape").doesNotContain("style=");
    }

    @Test
    void anEmptySheetSaysHowItBegins() {
        GarmentOrder empty = TestOrders.of("Somebody", "", Marks.NONE);
        assertThat(view(empty, null).notice())
                .isEqualTo(new MeasureView.Notice(false, "Begin with P1. Enter keeps what you typed."));
    }

    @Test
    void whoElseIsHereStandsAtTheirStep() {
        when(accounts.called("dewi")).thenReturn("Dewi Castellanos");
        GarmentOrder order = order("P3=171");
        desk.view(order, Visit.at(Place.step("U1", null), new Screen("dewi", "")));
        MeasureView view = view(order, "D1");
        assertThat(view.others()).isEqualTo("dewi@U1@");
        assertThat(view.people()).containsExactly(new MeasureView.Other("dewi", "Dewi", "U1", false));
        assertThat(view.ladder().parts().stream()
                        .flatMap(p -> p.rungs().stream())
                        .filter(r -> !r.here().isEmpty()))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.label()).isEqualTo("U1");
                    assertThat(r.here().get(0).name()).isEqualTo("Dewi");
                    assertThat(r.here().get(0).initials()).isEqualTo("DC");
                });
        assertThat(desk.company(order, new Screen("dewi", "")).mark())
                .as("oneself is no other")
                .isEqualTo("measurer@D1@");
    }

    @Test
    void twoHandsAtOneStepAreTold() {
        when(accounts.called("dewi")).thenReturn("Dewi Castellanos");
        GarmentOrder order = TestOrders.by("dewi", order("P3=171 D8=38 D8=38.5"), 1);
        MeasureView view = desk.view(
                order,
                Visit.at(Place.step("D9", null), new Screen("measurer", "")).having("r2"));
        assertThat(view.notice())
                .isEqualTo(
                        new MeasureView.Notice(false, "Dewi kept 38.0 just now. Yours, 38.5, stands as a second try."));
        GarmentOrder alone = order("P3=171 D8=38 D8=38.5");
        assertThat(desk.view(
                                alone,
                                Visit.at(Place.step("D9", null), new Screen("measurer", ""))
                                        .having("r2"))
                        .notice())
                .as("one's own second try")
                .isNull();
    }

    @Test
    void aRulerIsOfferedWhereOneStandsAndExpectedAgain() {
        when(tools.in(Unit.CM)).thenReturn(List.of(new Tool("t1", "steel ruler", "0.8", Unit.CM)));
        GarmentOrder order = order("P3=171 D1=103");
        assertThat(Objects.requireNonNull(view(order, "D1").step()).tools()).isEmpty();
        assertThat(Objects.requireNonNull(view(order, "M1").step()).tools())
                .containsExactly(new MeasureView.ToolView("t1", "steel ruler, adds 0.8", false));
    }

    @Test
    void fingersGetHigherLines() {
        when(accounts.called("measurer")).thenReturn("Dewi Amsel");
        GarmentOrder order = TestOrders.of("1", "", TestOrders.MARKED);
        Place place = Place.step("D1", null);
        assertThat(desk.view(order, Visit.at(place, new Screen("measurer", "a", true)))
                        .ladder()
                        .touch())
                .isTrue();
        assertThat(desk.view(order, Visit.at(place, new Screen("measurer", "b", false)))
                        .ladder()
                        .touch())
                .isFalse();
    }

    /** One's own other screen is somebody to follow, and says whose it is. */
    @Test
    void ownOtherScreenIsSaidToBeThat() {
        when(accounts.called("measurer")).thenReturn("Dewi Amsel");
        GarmentOrder order = TestOrders.of("1", "", TestOrders.MARKED);
        desk.view(order, Visit.at(Place.step("D3", null), new Screen("measurer", "a")));
        MeasureView view = desk.view(order, Visit.at(Place.step("D1", null), new Screen("measurer", "b")));
        assertThat(view.people()).singleElement().satisfies(p -> {
            assertThat(p.name()).isEqualTo("Your other screen");
            assertThat(p.step()).isEqualTo("D3");
        });
    }

    @Test
    void whatThePageSaysOfTheOthersIsWhatItSaysThatItHasSeen() {
        GarmentOrder order = order("");
        presence.note(order.id(), "noor", "D1");
        when(accounts.called("noor")).thenAnswer(called -> {
            presence.note(order.id(), "noor", "U1");
            return "Noor Example";
        });
        Screen by = new Screen("measurer", "");
        MeasureView view = view(order, "P3");
        assertThat(view.others()).as("gone on while it was laid out").isEqualTo("noor@D1@");
        assertThat(view.people())
                .singleElement()
                .satisfies(p -> assertThat(p.step()).isEqualTo("D1"));
        assertThat(desk.company(order, by).mark()).isNotEqualTo(view.others());
    }
}
