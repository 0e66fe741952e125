package app.misura.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every form must do, in centimetres and in inches, whatever its questions are answered with. */
class EveryFormTest {
    private static final HouseTables TABLES = HouseTables.shipped();
    private static final int BODIES = 40;
    /** So much off, cm, nothing that adds up explains. */
    private static final double SLIP = 9;

    static Stream<OrderForm> forms() {
        return OrderForms.shipped().all().stream().flatMap(f -> Stream.of(f.in(Unit.CM), f.in(Unit.INCH)));
    }

    /** The usual answers, and one question after the other answered otherwise. */
    private static List<Map<String, String>> answers(OrderForm form) {
        List<Map<String, String>> all = new ArrayList<>();
        all.add(form.answers(Map.of()));
        for (Option option : form.options()) {
            for (String choice : option.choices()) {
                if (!choice.equals(option.usual())) {
                    Map<String, String> other = new LinkedHashMap<>(form.answers(Map.of()));
                    other.put(option.id(), choice);
                    all.add(other);
                }
            }
        }
        return all;
    }

    private static List<MadeUp> bodies() {
        return IntStream.range(0, BODIES).mapToObj(MadeUp::new).toList();
    }

    private static String what(OrderForm form, Map<String, String> answers, MadeUp body) {
        return form.id() + " in " + form.unit().word() + " " + answers + ", body " + body.seed;
    }

    @Test
    void theBodiesAreOfManyKinds() {
        List<MadeUp> bodies = bodies();
        assertThat(bodies).as("children").filteredOn(MadeUp::isChild).hasSizeBetween(5, 16);
        assertThat(bodies).as("small ones").anyMatch(b -> b.height < 125);
        assertThat(bodies).as("very large ones").anyMatch(b -> b.chest > 128);
        assertThat(bodies).as("slight adults").anyMatch(b -> !b.isChild() && b.chest < .52 * b.height);
    }

    /**
     * What is measured of one body closes, and nothing of it contradicts itself; where rounding opens a sum, it is a gap that
     * an honest tape may give. Very large and very small bodies lie outside the usual spans.
     */
    @ParameterizedTest
    @MethodSource("forms")
    void anHonestBodyCloses(OrderForm form) {
        for (Map<String, String> answers : answers(form)) {
            int closed = 0;
            int unusual = 0;
            for (MadeUp body : bodies()) {
                Proof proof = Proof.of(body.sheet(form, answers, TABLES));
                assertThat(proof.findings())
                        .as(what(form, answers, body))
                        .filteredOn(f -> f.severity() == Severity.FAULT
                                || f.severity() == Severity.WARNING
                                        && !List.of("span", "proportion").contains(f.rule()))
                        .isEmpty();
                unusual += proof.findings().stream().anyMatch(f -> f.rule().equals("proportion")) ? 1 : 0;
                closed += proof.brackets().stream()
                                .allMatch(b ->
                                        b.state() == Bracket.State.CLOSED || b.state() == Bracket.State.NOT_CHECKED)
                        ? 1
                        : 0;
            }
            assertThat(closed).as(form.id() + " " + answers).isGreaterThan(BODIES / 2);
            assertThat(unusual)
                    .as(form.id() + " " + answers + ": bodies of another model than the norms that are warned of")
                    .isLessThanOrEqualTo(BODIES / 8);
        }
    }

    /** Each value of each sum, misread by a hand's breadth: the sum is torn, and the value is among those under suspicion. */
    @ParameterizedTest
    @MethodSource("forms")
    void aSlipInAnySumIsFound(OrderForm form) {
        MadeUp body = new MadeUp(3);
        for (Map<String, String> answers : answers(form)) {
            Sheet honest = body.sheet(form, answers, TABLES);
            for (Bracket bracket : Proof.of(honest).brackets()) {
                if (bracket.state() == Bracket.State.NOT_CHECKED) {
                    continue;
                }
                for (ValueId member : bracket.closure().members()) {
                    double factor = Math.abs(bracket.closure().factor(member));
                    Proof proof = Proof.of(slipped(honest, member, SLIP / factor));
                    String what = what(form, answers, body) + ", " + member + " in "
                            + bracket.closure().id();
                    assertThat(proof.brackets())
                            .as(what)
                            .filteredOn(b ->
                                    b.closure().id().equals(bracket.closure().id()))
                            .allMatch(b -> b.state().isTorn());
                    assertThat(proof.findings().stream().flatMap(f -> f.steps().stream()))
                            .as(what)
                            .anyMatch(step -> ValueId.parse(step).isOf(member.step()));
                }
            }
        }
    }

    private static Sheet slipped(Sheet sheet, ValueId value, double cm) {
        List<Reading> readings = new ArrayList<>();
        for (Reading r : sheet.readings()) {
            boolean own = value.isOf(r.step()) && (value.side() == null || value.side() == r.side());
            Length read = r.length();
            if (own && read != null) {
                Sheet.Slot slot = sheet.slots().stream()
                        .filter(s -> s.id().equals(value) || s.id().step().equals(r.step()) && s.side() == r.side())
                        .findFirst()
                        .orElseThrow();
                Length other = sheet.form().increment().snap(read.plus(Length.fromMm(10 * cm)));
                readings.add(MadeUp.reading(slot, sheet.form(), other));
            } else {
                readings.add(r);
            }
        }
        return new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), readings);
    }

    /** A level that slopes is named. */
    @ParameterizedTest
    @MethodSource("forms")
    void aSlopingLevelIsNamed(OrderForm form) {
        Sheet honest = new MadeUp(3).sheet(form, Map.of(), TABLES);
        for (LevelCheck level : form.levels()) {
            for (ValueId member : level.members()) {
                assertThat(Proof.of(slipped(honest, member, 4)).findings())
                        .extracting(Finding::rule)
                        .contains("level");
            }
        }
    }
}
