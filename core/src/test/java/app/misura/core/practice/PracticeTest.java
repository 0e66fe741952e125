package app.misura.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.judging.Judging;
import app.misura.core.judging.Scatter;
import app.misura.core.length.Length;
import app.misura.core.measure.Side;
import app.misura.core.proof.Hands;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SheetNetwork;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What many sheets tell of hands and tools. */
class PracticeTest {
    private static final OrderForm FORM = OrderForms.shipped().get("trousers-tailored");
    private static final Instant BEGUN = Instant.parse("2026-03-02T09:00:00Z");
    private static final long SEED = 907;

    private static Reading read(String step, double cm, String by, Duration after) {
        Length length = FORM.increment().snap(Length.fromMm(10 * cm));
        return new Reading(
                step,
                FORM.step(step).side().sides(Side.RIGHT).isEmpty() ? null : Side.RIGHT,
                String.valueOf(length.toCm()),
                length,
                FORM.step(step).play(),
                BEGUN.plus(after),
                by,
                null,
                null);
    }

    /** Sheets on which a step was taken twice by somebody whose tries scatter so. */
    private static List<Sheet> repeats(int sheets, String step, String by, double sdCm) {
        Random random = new Random(SEED);
        List<Sheet> all = new ArrayList<>();
        for (int i = 0; i < sheets; i++) {
            all.add(new Sheet(
                    FORM,
                    Wearer.USUAL,
                    Map.of(),
                    List.of(
                            read(step, 80 + sdCm * random.nextGaussian(), by, Duration.ZERO),
                            read(step, 80 + sdCm * random.nextGaussian(), by, Duration.ofMinutes(1)))));
        }
        return all;
    }

    @Test
    void aMeasurersOwnScatterIsLearnedFromTwentyPairs() {
        assertThat(Repeats.of(repeats(19, "U2", "dewi", 1.2)).scatter()).isEqualTo(Scatter.NONE);
        Repeats.Known known = Repeats.of(repeats(400, "U2", "dewi", 1.2)).all().get(0);
        assertThat(known.pairs()).isEqualTo(400);
        assertThat(known.sdCm()).as("seed " + SEED).isEqualTo(1.2, within(.1));
        Scatter scatter = Repeats.of(repeats(400, "U2", "dewi", 1.2)).scatter();
        assertThat(scatter.of("dewi", "trouser-waist-girth")).isPresent();
        assertThat(scatter.of("arwen", "trouser-waist-girth")).isEmpty();
        assertThat(scatter.of("dewi", "seat-girth")).isEmpty();
    }

    @Test
    void whoMeasuresTheSameTwiceIsStillNotPerfect() {
        Repeats.Known known = Repeats.of(repeats(40, "U2", "dewi", 0)).all().get(0);
        assertThat(known.sdCm()).isEqualTo(known.usualCm() / 2, within(1e-9));
    }

    @Test
    void triesOfTwoPeopleOfTwoDaysAndSlipsAreNoPairs() {
        Reading first = read("U2", 80, "dewi", Duration.ZERO);
        for (Reading second : List.of(
                read("U2", 80, "arwen", Duration.ofMinutes(1)),
                read("U2", 80, "dewi", Duration.ofDays(1)),
                read("U2", 90, "dewi", Duration.ofMinutes(1)))) {
            assertThat(Repeats.of(List.of(new Sheet(FORM, Wearer.USUAL, Map.of(), List.of(first, second))))
                            .all())
                    .isEmpty();
        }
        assertThat(Repeats.of(repeats(5, "U1", "dewi", 1)).all())
                .as("its tries look for the widest place")
                .isEmpty();
    }

    @Test
    void whatIsKnownOfAMeasurerTakesTheCataloguesPlace() {
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        Sheet.Slot seat = sheet.slots().stream()
                .filter(s -> s.id().equals(ValueId.of("U1")))
                .findFirst()
                .orElseThrow();
        Settled settled = sheet.settled().get(seat.id());
        Sheet known = sheet.judged(Judging.usual().with(new Scatter(Map.of(Scatter.key("tester", "seat-girth"), 2.0))));
        assertThat(SheetNetwork.sdCm(sheet, seat, settled)).isEqualTo(.9, within(1e-9));
        assertThat(SheetNetwork.sdCm(known, seat, settled)).isEqualTo(2, within(1e-9));
    }

    /** Honest trouser sheets on whose body rise nobody added a blank end of so many cm. */
    private static List<Proof> blank(double cm) {
        Hands hands = new Hands(FORM, 1, SEED);
        return IntStream.range(0, 60)
                .mapToObj(i -> {
                    Sheet honest = hands.honest();
                    Settled rise = honest.settled().get(ValueId.of("M1"));
                    return Proof.of(cm == 0 ? honest : Hands.moved(honest, rise, -cm));
                })
                .toList();
    }

    @Test
    void aBlankEndThatNobodyAddsIsSeenOverManySheets() {
        assertThat(Offset.of(blank(0))).isEmpty();
        List<Offset> found = Offset.of(blank(1.5));
        assertThat(found).hasSize(1);
        assertThat(found.get(0).measure().code()).isEqualTo("body-rise");
        assertThat(found.get(0).cm()).isEqualTo(1.5, within(.5));
        assertThat(found.get(0).sheets()).isEqualTo(60);
        assertThat(Offset.of(blank(1.5).subList(0, 10))).as("ten say nothing").isEmpty();
    }

    @Test
    void calibrationTellsSteadyHandsFromUnsteadyOnes() {
        assertThat(Calibration.of(List.of()).said()).startsWith("Too few");
        assertThat(calibration(1).said()).isEqualTo("Hands here scatter as is assumed.");
        assertThat(calibration(1).mean()).isBetween(.75, 1.3);
        assertThat(calibration(2).said()).isEqualTo("Hands here scatter more than is assumed.");
        assertThat(calibration(.3).said()).isEqualTo("Hands here are steadier than is assumed.");
    }

    private static Calibration calibration(double steadiness) {
        Hands hands = new Hands(FORM, steadiness, SEED);
        return Calibration.of(
                IntStream.range(0, 120).mapToObj(i -> Proof.of(hands.honest())).toList());
    }
}
