package app.misura.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Play;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A value that is taken again is made of what was taken again, by each rule. */
class RoundsTest {
    private static final Step SEAT =
            OrderForms.shipped().get("trousers-tailored").step("U1");

    /** @param said each try as its length, a colon and its round; a tilde behind one that is struck */
    private static List<Reading> tries(String said) {
        return Stream.of(said.split(" "))
                .map(each -> {
                    String[] parts = each.replace("~", "").split(":");
                    Strike struck = each.endsWith("~") ? new Strike("twisted", Instant.EPOCH, "t") : null;
                    return new Reading(
                                    "U1",
                                    null,
                                    parts[0],
                                    Length.of(parts[0], Unit.CM),
                                    Play.SNUG,
                                    Instant.EPOCH,
                                    "tester",
                                    null,
                                    struck)
                            .inRound(Integer.parseInt(parts[1]));
                })
                .toList();
    }

    private static Optional<Settled> settled(Settle rule, String said) {
        Step step = new Step(
                SEAT.label(),
                SEAT.part(),
                SEAT.name(),
                SEAT.measure(),
                SEAT.needs(),
                SEAT.side(),
                SEAT.condition(),
                SEAT.at(),
                SEAT.play(),
                rule,
                Length.fromMm(10),
                null,
                true,
                SEAT.onlyIf(),
                null,
                null,
                Length.ZERO,
                SEAT.prompt());
        return Settling.of(ValueId.of("U1"), step, null, tries(said));
    }

    @ParameterizedTest
    @CsvSource({
        "SINGLE, 113:1 98:2, 98, NONE",
        "WIDEST, 113:1 98:2, 98, NONE",
        "WIDEST, 113:1 98:2 99:2, 99, NONE",
        "NARROWEST, 21:1 26:2, 26, NONE",
        "TWO_AGREE, 87:1 87.5:1 83:2, 83, ONE_TRY",
        "TWO_AGREE, 87:1 87.5:1 83:2 83.5:2, 83.25, NONE",
        "TWO_AGREE, 87:1 83:2 86.5:2, 86.5, DISAGREE",
        "BAND, 36:1 40:1 38:1 44:2, 44, BAND_OPEN",
        "BAND, 36:1 40:1 38:1 42:2 46:2 44:2, 44, NONE",
    })
    void theNewestRoundAloneCounts(Settle rule, String said, String kept, Settled.Note note) {
        Settled settled = settled(rule, said).orElseThrow();
        assertThat(settled.length()).isEqualTo(Length.of(kept, Unit.CM));
        assertThat(settled.note()).isEqualTo(note);
        assertThat(settled.round()).isEqualTo(2);
        assertThat(settled.counted()).allMatch(r -> r.round() == 2);
        assertThat(Rounds.before(tries(said))).isNotEmpty().allMatch(r -> r.round() == 1);
    }

    /** A round that was opened by mistake is struck away, and what was there before stands. */
    @ParameterizedTest
    @CsvSource({"SINGLE, 98", "WIDEST, 98", "NARROWEST, 97"})
    void aRoundOfWhichEveryTryIsStruckIsAsIfItHadNotBeenOpened(Settle rule, String kept) {
        Settled settled = settled(rule, "97:1 98:1 113:2~").orElseThrow();
        assertThat(settled.length()).isEqualTo(Length.of(kept, Unit.CM));
        assertThat(settled.round()).isEqualTo(1);
        assertThat(settled.tries()).isEqualTo(3);
    }

    @Test
    void allStruckIsMissing() {
        assertThat(settled(Settle.WIDEST, "97:1~ 113:2~")).isEmpty();
        assertThat(Rounds.newest(tries("97:1~ 113:2~"))).isEqualTo(2);
        assertThat(Rounds.newest(List.of())).isZero();
    }

    /** What came late for a round that has been overtaken stays in sight and does not count. */
    @Test
    void aTryOfAnEarlierRoundThatComesLateDoesNotCount() {
        assertThat(settled(Settle.WIDEST, "97:1 98:2 120:1").orElseThrow().length())
                .isEqualTo(Length.of("98", Unit.CM));
    }

    @Test
    void aRoundIsCountedFromOne() {
        for (int wrong : List.of(0, -1, Reading.MOST_ROUNDS + 1)) {
            assertThatThrownBy(() -> tries("97:" + wrong)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    /** Every step of every form that looks for a widest, a narrowest, two that agree or a band forgets its slip. */
    @Test
    void onEveryFormAStepThatIsTakenAgainForgetsWhatItRead() {
        int steps = 0;
        for (OrderForm form : OrderForms.shipped().all()) {
            for (Sheet.Slot slot :
                    Sheet.blank(form, app.misura.core.judging.Judging.usual()).allSlots()) {
                if (slot.step().settle() == Settle.SINGLE) {
                    continue;
                }
                Length right = Length.of("24", form.unit());
                Length slip = Length.of(slot.step().settle() == Settle.NARROWEST ? "18" : "30", form.unit());
                Sheet sheet = Sheet.blank(form, app.misura.core.judging.Judging.usual());
                for (int i = 0; i < 3; i++) {
                    sheet = sheet.with(MadeUp.reading(slot, form, slip));
                }
                sheet = sheet.with(MadeUp.reading(slot, form, right).inRound(2));
                assertThat(sheet.settled().get(slot.id()).made())
                        .as(form.id() + " " + slot.id())
                        .allMatch(r -> right.equals(r.length()));
                steps++;
            }
        }
        assertThat(steps).isGreaterThan(30);
    }
}
