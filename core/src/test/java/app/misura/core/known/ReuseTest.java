package app.misura.core.known;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Severity;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Taking;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReuseTest {
    private static final HouseTables TABLES = HouseTables.shipped();
    private static final Instant READ = Instant.EPOCH;
    private static final Reuse.Limits FRESH = new Reuse.Limits(READ, null);

    static Stream<OrderForm> forms() {
        return OrderForms.shipped().all().stream().map(f -> f.in(Unit.CM));
    }

    private static OrderForm form(String id) {
        return OrderForms.shipped().find(id).orElseThrow().in(Unit.CM);
    }

    private static Sheet measured(MadeUp body, OrderForm form) {
        return body.sheet(form, form.answers(Map.of()), TABLES);
    }

    private static Sheet blank(MadeUp body, OrderForm form) {
        return new Sheet(form, body.wearer, form.answers(Map.of()), List.of());
    }

    private static List<Reuse.Source<String>> known(Sheet sheet) {
        return Known.of(Proof.of(sheet)).stream()
                .map(k -> new Reuse.Source<>(sheet.form().id(), k))
                .toList();
    }

    /** What was measured for one form and goes over to another is one body with the rest of that form. */
    @ParameterizedTest
    @MethodSource("forms")
    void whatIsTakenOverAgreesWithTheRest(OrderForm from) {
        for (long seed : List.of(3L, 8L, 21L)) {
            MadeUp body = new MadeUp(seed);
            List<Reuse.Source<String>> known = known(measured(body, from));
            forms().forEach(to -> {
                Reuse<String> reuse = Reuse.of(blank(body, to), known, FRESH);
                Set<ValueId> over =
                        reuse.carried().stream().map(Reuse.Carried::value).collect(Collectors.toSet());
                Sheet whole = measured(body, to);
                Set<Reading> own = whole.allSlots().stream()
                        .filter(s -> !over.contains(s.id()))
                        .flatMap(s -> whole.tries(s).stream())
                        .collect(Collectors.toCollection(HashSet::new));
                List<Reading> readings = new ArrayList<>(reuse.carried().stream()
                        .map(Reuse.Carried::readings)
                        .flatMap(Collection::stream)
                        .toList());
                readings.addAll(own);
                Proof proof = Proof.of(new Sheet(to, body.wearer, whole.answers(), readings));
                assertThat(proof.settled().keySet()).containsAll(over);
                assertThat(proof.findings())
                        .as(from.id() + " to " + to.id() + ", body " + seed)
                        .noneMatch(f -> f.severity() == Severity.FAULT);
            });
        }
    }

    /** A second order of the same form asks for wishes and for the heights of its marks, and for nothing else. */
    @ParameterizedTest
    @MethodSource("forms")
    void theSameFormAsksForNoMeasureTwice(OrderForm form) {
        MadeUp body = new MadeUp(5);
        Sheet again = blank(body, form);
        Reuse<String> reuse = Reuse.of(again, known(measured(body, form)), FRESH);
        assertThat(reuse.carried())
                .extracting(Reuse.Carried::value)
                .containsExactlyElementsOf(again.slots().stream()
                        .filter(s -> Known.isOfTheBody(s.step()))
                        .map(Sheet.Slot::id)
                        .toList());
        assertThat(reuse.not()).isEmpty();
    }

    /** A back down to the natural waist is no back down to the navel. */
    @Test
    void aLengthFromAnotherWaistIsTakenAnew() {
        MadeUp body = new MadeUp(5);
        Sheet jacket = new Sheet(form("riding-jacket"), body.wearer, Map.of("over", "close-clothing"), List.of());
        Reuse<String> reuse = Reuse.of(jacket, known(measured(body, form("coat-tailored"))), FRESH);
        assertThat(why(reuse, "B2")).isEqualTo(Reuse.Why.OTHER_WAIST);
        assertThat(reuse.carried()).isNotEmpty();
    }

    @Test
    void whatIsStaleOrOfABodyThatChangedIsTakenAnew() {
        Reuse<String> stale = trousersAgain(new Reuse.Limits(READ.plusSeconds(1), null));
        assertThat(stale.carried()).isEmpty();
        assertThat(why(stale, "U1")).isEqualTo(Reuse.Why.STALE);
        Reuse<String> changed = trousersAgain(new Reuse.Limits(READ, READ.plusSeconds(1)));
        assertThat(changed.carried()).isEmpty();
        assertThat(why(changed, "U1")).isEqualTo(Reuse.Why.CHANGED);
        assertThat(trousersAgain(new Reuse.Limits(READ, READ)).carried()).isNotEmpty();
    }

    private static Reuse<String> trousersAgain(Reuse.Limits limits) {
        MadeUp body = new MadeUp(5);
        OrderForm form = form("trousers-tailored");
        return Reuse.of(blank(body, form), known(measured(body, form)), limits);
    }

    @Test
    void whatTheOtherSheetCallsWrongIsTakenAnew() {
        MadeUp body = new MadeUp(5);
        OrderForm form = form("trousers-tailored");
        Sheet honest = measured(body, form);
        Sheet slipped = new Sheet(
                form,
                body.wearer,
                honest.answers(),
                honest.readings().stream()
                        .map(r -> r.step().equals("S2") && r.length() != null ? longer(r) : r)
                        .toList());
        Reuse<String> reuse = Reuse.of(blank(body, form), known(slipped), FRESH);
        assertThat(why(reuse, "S2")).isEqualTo(Reuse.Why.DOUBTED);
        assertThat(reuse.carried()).extracting(c -> c.value().step()).contains("U1");
    }

    @Test
    void whatASimulatedTapeSentIsKnownOfNobody() {
        OrderForm form = form("trousers-tailored");
        Reading sent = read("U1", "99", READ);
        Reading simulated = new Reading(
                sent.step(),
                null,
                sent.text(),
                sent.length(),
                sent.play(),
                READ,
                "tester",
                Taking.simulated().text(),
                null);
        Sheet sheet = new Sheet(form, new MadeUp(5).wearer, Map.of(), List.of(simulated, read("D1", "103", READ)));
        assertThat(Known.of(Proof.of(sheet))).extracting(k -> k.key().code()).containsExactly("outside-leg");
    }

    private static Reading longer(Reading r) {
        Length read = java.util.Objects.requireNonNull(r.length()).plus(Length.fromMm(90));
        return new Reading(r.step(), r.side(), "x", read, r.play(), r.at(), r.by(), r.aid(), null);
    }

    @Test
    void aNumberOfTheOtherTapeIsNotConverted() {
        MadeUp body = new MadeUp(5);
        OrderForm inches = form("trousers-tailored").in(Unit.INCH);
        Reuse<String> reuse = Reuse.of(blank(body, inches), known(measured(body, form("trousers-tailored"))), FRESH);
        assertThat(reuse.carried()).isEmpty();
        assertThat(why(reuse, "U1")).isEqualTo(Reuse.Why.OTHER_TAPE);
    }

    /** Of two sheets the later one speaks; what it cannot give the earlier one does. What the sheet has read stays. */
    @Test
    void theLaterReadingIsTakenOver() {
        MadeUp body = new MadeUp(5);
        OrderForm form = form("trousers-tailored");
        List<Reuse.Source<String>> sources = new ArrayList<>(known(measured(body, form)));
        Sheet late = new Sheet(form, body.wearer, Map.of(), List.of(read("U1", "99", READ.plusSeconds(60))));
        sources.addAll(Known.of(Proof.of(late)).stream()
                .map(k -> new Reuse.Source<>("late", k))
                .toList());
        Reuse<String> reuse = Reuse.of(blank(body, form), sources, FRESH);
        assertThat(of(reuse, "U1")).singleElement().satisfies(c -> {
            assertThat(c.source().sheet()).isEqualTo("late");
            assertThat(c.readings()).extracting(Reading::text).containsExactly("99");
        });
        assertThat(of(reuse, "U2"))
                .singleElement()
                .satisfies(c -> assertThat(c.source().sheet()).isEqualTo(form.id()));
        Sheet begun = blank(body, form).with(read("U1", "97", READ));
        assertThat(of(Reuse.of(begun, sources, FRESH), "U1")).isEmpty();
    }

    private static List<Reuse.Carried<String>> of(Reuse<String> reuse, String step) {
        return reuse.carried().stream().filter(c -> c.value().isOf(step)).toList();
    }

    private static Reading read(String step, String text, Instant at) {
        return new Reading(
                step,
                null,
                text,
                Length.fromMm(10 * Double.parseDouble(text)),
                form("trousers-tailored").step(step).play(),
                at,
                "tester",
                null,
                null);
    }

    private static Reuse.@Nullable Why why(Reuse<String> reuse, String step) {
        return reuse.not().stream()
                .filter(n -> n.value().isOf(step))
                .map(Reuse.Not::why)
                .findFirst()
                .orElse(null);
    }

    @Test
    void theYoungAreStaleSooner() {
        LocalDate day = LocalDate.of(2026, 12, 1);
        assertThat(Fresh.USUAL.since(AgeGroup.ADULT, day)).isEqualTo(LocalDate.of(2026, 6, 1));
        assertThat(Fresh.USUAL.since(AgeGroup.YOUNG, day)).isEqualTo(LocalDate.of(2026, 10, 20));
        assertThat(Fresh.USUAL.since(AgeGroup.CHILD, day)).isEqualTo(LocalDate.of(2026, 10, 20));
    }
}
