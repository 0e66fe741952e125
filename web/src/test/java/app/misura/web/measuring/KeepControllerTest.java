package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tool;
import app.misura.web.house.Tools;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import app.misura.web.reading.StoredReading;
import java.security.Principal;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.mockito.Captor;
import org.mockito.MockitoAnnotations;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

class KeepControllerTest {
    private static final Principal MEASURER = () -> "measurer";

    private final Orders orders = mock(Orders.class);
    private final Readings readings = mock(Readings.class);
    private final Tools tools = mock(Tools.class);
    private final KeepController controller = new KeepController(
            orders,
            readings,
            new MeasureDesk(
                    TestOrders.CLOCK,
                    new Presence(TestOrders.CLOCK, new Live()),
                    mock(Accounts.class),
                    mock(Tools.class)),
            tools,
            TestOrders.CLOCK);
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final ExtendedModelMap model = new ExtendedModelMap();

    @Captor
    private ArgumentCaptor<List<NewReading>> kept;

    @BeforeEach
    void open() {
        MockitoAnnotations.openMocks(this);
        when(readings.keep(eq("o1"), anyList())).thenAnswer(call -> {
            List<NewReading> wanted = call.getArgument(1);
            return new Readings.Kept(
                    wanted.stream()
                            .map(w -> new StoredReading("new", w.reading(), w.key(), Optional.empty()))
                            .toList(),
                    wanted.size(),
                    0);
        });
    }

    @BeforeEach
    void goOn() {
        when(orders.with(any(), any())).thenAnswer(call -> {
            GarmentOrder before = call.getArgument(0);
            Readings.Kept more = call.getArgument(1);
            return before.with(more.readings());
        });
    }

    private void order(String readings) {
        when(orders.get("o1")).thenReturn(TestOrders.of("1", readings, TestOrders.MARKED));
    }

    private String keep(String step, String side, String text, String confirm, String then, String key) {
        return controller.keep(
                "o1",
                new Typed(step, side, text, confirm, then, key, "", "", "", null, null),
                "measure",
                MEASURER,
                model,
                response);
    }

    private NewReading stored() {
        verify(readings).keep(eq("o1"), kept.capture());
        return kept.getValue().get(0);
    }

    @Test
    void aReadingIsOnDiskBeforeTheAnswerWhichIsTheNextPlace() {
        order("P3=171");
        assertThat(keep("D1", null, "103", "", "go", "k1")).isEqualTo("redirect:/orders/o1/measure?step=D2&kept=new");
        NewReading reading = stored();
        assertThat(reading.key()).isEqualTo("k1");
        assertThat(reading.reading().length()).isEqualTo(Length.of("103", Unit.CM));
        assertThat(reading.reading().text()).isEqualTo("103");
        assertThat(reading.reading().by()).isEqualTo("measurer");
        assertThat(reading.reading().at()).isEqualTo(TestOrders.NOW);
        assertThat(response.getStatus()).isEqualTo(200);
    }

    @Test
    void whatIsTypedIsKeptBesideWhatItWasReadAs() {
        order("P3=171");
        keep("D1", null, " 103,4 ", "", "go", null);
        assertThat(stored().reading().text()).isEqualTo(" 103,4 ");
        assertThat(kept.getValue().get(0).reading().length()).isEqualTo(Length.of("103.5", Unit.CM));
    }

    @Test
    void anotherTryStaysAtItsStep() {
        order("P3=171");
        assertThat(keep("U1", null, "101", "", "again", null))
                .isEqualTo("redirect:/orders/o1/measure?step=U1&round=1&kept=new");
    }

    @Test
    void oneSideLeadsToTheOther() {
        order("P3=171");
        assertThat(keep("D9", "left", "57", "", "go", null))
                .isEqualTo("redirect:/orders/o1/measure?step=D9&side=right&kept=new");
        assertThat(stored().reading().side()).isEqualTo(Side.LEFT);
    }

    @Test
    void aSumThatIsWrongLeadsToItsGate() {
        String before = TestOrders.FULL.replace(" S5=42.5", "").replace("S2=32.5", "S2=40");
        order(before);
        assertThat(keep("S5", null, "42.5", "", "go", null)).isEqualTo("redirect:/orders/o1/measure?gate=S&kept=new");
    }

    @ParameterizedTest
    @ValueSource(strings = {"12..5", "abc", "37 5/3", "-4", "0", "1e9", "<script>alert(1)</script>", "🙂", ""})
    void whatCannotBeReadIsSaidAndStandsStill(String text) {
        order("P3=171");
        assertThat(keep("D1", null, text, "", "go", null)).isEqualTo("measure :: measure");
        assertThat(response.getStatus()).isEqualTo(422);
        MeasureView.StepView step =
                Objects.requireNonNull(((MeasureView) Objects.requireNonNull(model.get("view"))).step());
        assertThat(step.label()).isEqualTo("D1");
        assertThat(step.heard().entry()).isEqualTo(text);
        assertThat(step.heard().tone()).isEqualTo("wrong");
        assertThat(step.heard().sentence()).isNotBlank();
        verify(readings, never()).keep(anyString(), anyList());
    }

    @Test
    void anUnusualLengthIsAskedAboutOnceAndKeptWhenConfirmed() {
        order("P3=171");
        keep("U1", null, "39.5", "", "go", null);
        MeasureView.StepView step =
                Objects.requireNonNull(((MeasureView) Objects.requireNonNull(model.get("view"))).step());
        assertThat(step.heard().confirm()).isEqualTo("39.5");
        assertThat(step.heard().sentence()).contains("looks like inches");
        verify(readings, never()).keep(anyString(), anyList());
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "P3=171", TestOrders.MARKED));
        assertThat(keep("U1", null, "39.5", "39.5", "go", null)).startsWith("redirect:");
        verify(readings).keep(eq("o1"), anyList());
    }

    @Test
    void anotherTextThanTheConfirmedOneIsAskedAboutAnew() {
        order("P3=171");
        assertThat(keep("U1", null, "38", "39.5", "go", null)).isEqualTo("measure :: measure");
        verify(readings, never()).keep(anyString(), anyList());
    }

    @ParameterizedTest
    @CsvSource({"Z9", "P1", "rise", "'<script>'"})
    void whatIsNoStepWithReadingsIsNotThere(String step) {
        order("P3=171");
        assertThatThrownBy(() -> keep(step, null, "50", "", "go", null))
                .isInstanceOf(NotThere.class)
                .hasMessageContaining("has no step");
    }

    @Test
    void aKeyThatIsTooLongIsNone() {
        order("P3=171");
        keep("D1", null, "103", "", "go", "k".repeat(61));
        assertThat(stored().key()).isNull();
    }

    @Test
    void withoutScriptTheWholePageIsAnswered() {
        order("P3=171");
        assertThat(controller.keep(
                        "o1",
                        new Typed("D1", null, "x", "", "go", null, "", "", "", null, null),
                        null,
                        MEASURER,
                        model,
                        response))
                .isEqualTo("measure");
    }

    @Test
    void aMarkIsSetAndTheStepThatWaitedComesBack() {
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "", TestOrders.marks("P1")));
        assertThat(controller.mark("o1", "P2", "D3", MEASURER)).isEqualTo("redirect:/orders/o1/measure?step=D3");
        verify(readings).setMark("o1", "P2", "measurer");
        assertThat(controller.mark("o1", "P1", null, MEASURER)).isEqualTo("redirect:/orders/o1/measure?step=P2");
        assertThatThrownBy(() -> controller.mark("o1", "D1", null, MEASURER)).isInstanceOf(NotThere.class);
        verify(readings, never()).setMark(eq("o1"), eq("D1"), any());
    }

    @Test
    void aTryIsStruckWithItsReasonAndNotAnothersOrders() {
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "D9-left=57 D1=103", TestOrders.MARKED));
        assertThat(controller.strike("o1", "r0", "  tape twisted ", MEASURER))
                .isEqualTo("redirect:/orders/o1/measure?step=D9&side=left");
        verify(readings).strike("o1", "r0", "tape twisted", "measurer");
        controller.strike("o1", "r1", " ", MEASURER);
        verify(readings).strike("o1", "r1", "taken again", "measurer");
        controller.strike("o1", "r1", "x".repeat(900), MEASURER);
        verify(readings).strike("o1", "r1", "x".repeat(200), "measurer");
        assertThatThrownBy(() -> controller.strike("o1", "other", "", MEASURER))
                .isInstanceOf(NotThere.class)
                .hasMessageContaining("not on this order");
    }

    @Test
    void aHardGateIsPassedOnlyByADeliberateWord() {
        GarmentOrder wrong = TestOrders.of("1", TestOrders.FULL.replace("S2=32.5", "S2=40"), TestOrders.MARKED);
        when(orders.get("o1")).thenReturn(wrong);
        String address = controller.pass("o1", "S", List.of("closure-wrong:S2", "made-up"), MEASURER);
        verify(readings).passGate("o1", "S", List.of("closure-wrong:S2"), "measurer");
        assertThat(address).startsWith("redirect:/orders/o1/measure");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> controller.pass("o1", "Q", List.of(), MEASURER))
                .isInstanceOf(NotThere.class);
    }

    @Test
    void aStepThatIsLeftOutLeadsOn() {
        order("P3=171 D1=103 D2=58.5 D3=45");
        assertThat(controller.leaveOut("o1", "D4", null, "refused", MEASURER))
                .isEqualTo("redirect:/orders/o1/measure?step=D4");
        verify(readings).leaveOut("o1", List.of(new LeftOut(ValueId.of("D4"), LeftOut.Why.REFUSED, "")), "measurer");
        controller.leaveOut("o1", "D9", "left", "not-there", MEASURER);
        verify(readings)
                .leaveOut(
                        "o1",
                        List.of(new LeftOut(new ValueId("D9", Side.LEFT), LeftOut.Why.NOT_THERE, "")),
                        "measurer");
    }

    @Test
    void noOtherReasonIsTaken() {
        order("P3=171");
        assertThatThrownBy(() -> controller.leaveOut("o1", "D1", null, "bored", MEASURER))
                .isInstanceOf(NotThere.class)
                .hasMessageContaining("bored");
        assertThatThrownBy(() -> controller.leaveOut("o1", "P1", null, "refused", MEASURER))
                .isInstanceOf(NotThere.class)
                .hasMessageContaining("no step P1 that takes a reading");
        verify(readings, never()).leaveOut(any(), any(), any());
    }

    @Test
    void aStepIsTakenAfterAll() {
        order("P3=171");
        assertThat(controller.takeAfterAll("o1", "D9", "right", MEASURER))
                .isEqualTo("redirect:/orders/o1/measure?step=D9&side=right");
        verify(readings).takeBack("o1", new ValueId("D9", Side.RIGHT), "measurer");
    }

    /** Who puts something else under the tape than the form says, does so at the next girth too, until they say otherwise. */
    @Test
    void howTheTapeLayIsKeptAndRemembered() {
        order("P3=171");
        controller.keep(
                "o1",
                new Typed("U1", null, "101.5", "", "go", null, "2-fingers", "", "", null, null),
                "measure",
                MEASURER,
                model,
                response);
        assertThat(stored().reading().play()).isEqualTo(Play.TWO_FINGERS);
        GarmentOrder two = TestOrders.of("1", "P3=171", TestOrders.MARKED)
                .with(List.of(new StoredReading("r9", stored().reading(), null, Optional.empty())));
        assertThat(two.course().play(two.form().step("U2"))).isEqualTo(Play.TWO_FINGERS);
        assertThat(two.course().play(two.form().step("D9"))).isEqualTo(Play.TWO_FINGERS);
        assertThat(two.course().play(two.form().step("D5")))
                .as("firm is what the step asks for")
                .isEqualTo(Play.FIRM);
        assertThat(two.course().play(two.form().step("D1")))
                .as("a length has none")
                .isEqualTo(two.form().step("D1").play());
    }

    /** A ruler that stands on the seat shows too little by its blank end: what it showed stays in sight. */
    @Test
    void aToolsBlankEndIsAddedOnceToWhatItShows() {
        Tool ruler = new Tool("t1", "steel ruler", "0.8", Unit.CM);
        when(tools.find("t1")).thenReturn(Optional.of(ruler));
        order("P3=171");
        controller.keep(
                "o1",
                new Typed("M1", null, "25.2", "", "go", null, "", "t1", "so-so", null, null),
                "measure",
                MEASURER,
                model,
                response);
        Reading read = stored().reading();
        assertThat(read.text()).isEqualTo("25.2+0.8");
        assertThat(read.length()).isEqualTo(Length.of("26", Unit.CM));
        assertThat(read.aid()).isEqualTo("steel ruler; so-so");
        assertThat(read.isUnsure()).isTrue();
    }

    @Test
    void aToolOfTheOtherTapeIsNotTaken() {
        when(tools.find("t1")).thenReturn(Optional.of(new Tool("t1", "steel ruler", "1/4", Unit.INCH)));
        order("P3=171");
        controller.keep(
                "o1",
                new Typed("M1", null, "26", "", "go", null, "", "t1", "", null, null),
                "measure",
                MEASURER,
                model,
                response);
        assertThat(stored().reading().text()).isEqualTo("26");
        assertThat(stored().reading().aid()).isNull();
    }
}
