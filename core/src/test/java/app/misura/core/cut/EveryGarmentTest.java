package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.fit.ChainLine;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.json.CutChanges;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.garment.Line;
import app.misura.core.house.HouseTables;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every garment over many made-up bodies in all its fits: a table whose numbers are in order, or a sentence that says why not. */
class EveryGarmentTest {
    private static final HouseTables TABLES = HouseTables.shipped();
    /** Of garments in numbers; where pieces are drawn they have studies of their own, and it takes longer. */
    private static final int BODIES = Integer.getInteger("misura.study", 150);

    private static final int DRAWN = Math.min(60, BODIES);
    private static final Set<String> GIRTHS = Set.of("trunk girth", "thigh", "limb, neck or head girth");

    static Stream<Garment> garments() {
        return Garments.shipped().all().stream();
    }

    @ParameterizedTest
    @MethodSource("garments")
    void theNumbersAreInOrder(Garment garment) {
        int cut = 0;
        int asked = 0;
        Set<String> refusals = new TreeSet<>();
        int bodies = garment.blocks().isEmpty() ? BODIES : DRAWN;
        for (String id : garment.forms()) {
            OrderForm form = OrderForms.shipped().get(id);
            if (!form.cuts()) {
                continue;
            }
            for (int seed = 0; seed < bodies; seed++) {
                MadeUp body = new MadeUp(seed);
                Proof proof = Proof.of(body.sheet(form, answers(form, seed), TABLES));
                for (Choices choices : fits(garment, proof)) {
                    String what = garment.id() + " by " + id + ", " + choices.words() + ", body " + seed;
                    Cutting.Result result = Cutting.of(proof, garment, choices);
                    asked += result instanceof Cutting.NotSo ? 0 : 1;
                    if (result instanceof Cutting.Cut done) {
                        cut++;
                        inOrder(done.spec(), what);
                    } else {
                        refusals.add(result instanceof Cutting.NotSo no ? no.sentence() : result.toString());
                    }
                }
            }
        }
        assertThat(asked).as(garment.id()).isPositive();
        assertThat(cut).as(garment.id() + ": " + refusals).isGreaterThan(asked * 9 / 10);
        assertThat(refusals).allMatch(sentence -> sentence.length() > 20);
    }

    /** One question after the other answered otherwise, as the bodies come. */
    private static Map<String, String> answers(OrderForm form, int seed) {
        Map<String, String> answers = new LinkedHashMap<>(form.answers(Map.of()));
        int question = 0;
        for (app.misura.core.form.Option option : form.options()) {
            List<String> choices = option.choices();
            answers.put(option.id(), choices.get((seed >> question) % choices.size()));
            question = (question + 1) % 7;
        }
        return answers;
    }

    private static List<Choices> fits(Garment garment, Proof proof) {
        Choices usual = garment.choices().usual(proof.sheet().answers());
        List<Choices> all = new ArrayList<>();
        garment.fits().forEach(fit -> all.add(usual.with("fit", fit)));
        return all.isEmpty() ? List.of(usual) : all;
    }

    private static void inOrder(CutSpec spec, String what) {
        boolean gives = spec.garment().cloth().byStrain();
        for (CutSpec.Entry entry : spec.chain()) {
            ChainLine line = entry.line();
            String which = entry.id() + " of " + what;
            assertThat(line.finished()).as(which).isFinite();
            assertThat(line.cut()).as(which).isFinite();
            boolean girth = line.line().net() != null
                    && GIRTHS.contains(line.line().net().kind().words());
            if (girth && !gives) {
                assertThat(line.finished()).as(which).isGreaterThanOrEqualTo(line.net() - 1e-6);
            }
            if (line.line().bound() != Line.Bound.PLACE && line.line().net() != null) {
                assertThat(line.finished()).as(which).isPositive();
            }
        }
        narrows(spec, List.of("upper-arm", "forearm"), what);
        narrows(spec, List.of("upper-arm", "sleeve-hem"), what);
        narrows(spec, List.of("thigh", "mid-thigh", "knee"), what);
        for (Opening opening : spec.openings()) {
            if (!opening.holds()) {
                assertThat(opening.lacks()).as(what).isPositive();
                assertThat(spec.cautions().stream()
                                .anyMatch(c -> c.toLowerCase(Locale.ROOT)
                                        .contains(opening.edge().split(" ")[0])))
                        .as("what does not pass is said: " + opening + ", " + what + spec.cautions())
                        .isTrue();
            }
        }
    }

    /** Along a limb each finished girth is under the one before it. */
    private static void narrows(CutSpec spec, List<String> along, String what) {
        List<ChainLine> there = along.stream()
                .flatMap(name -> spec.chain().stream().filter(e -> e.id().equals(name)))
                .map(CutSpec.Entry::line)
                .toList();
        for (int i = 1; i < there.size(); i++) {
            assertThat(there.get(i).finished())
                    .as(there.get(i).name() + " under " + there.get(i - 1).name() + ", " + what)
                    .isLessThan(there.get(i - 1).finished() + 1e-6);
        }
    }

    /** An air cell wants more than the race fit gives; with the road fit it is cut. */
    @Test
    void whatTwoChoicesTogetherForbidIsRefusedInWords() {
        Garment suit = Garments.shipped().find("race-suit").orElseThrow();
        OrderForm form = OrderForms.shipped().get("race-suit");
        Proof proof = Proof.of(new MadeUp(11).sheet(form, form.answers(Map.of()), TABLES));
        Choices cell = suit.choices().usual(Map.of()).with("air-cell", "yes");
        assertThat(Cutting.of(proof, suit, cell.with("fit", "race")))
                .isInstanceOfSatisfying(
                        Cutting.NotSo.class,
                        no -> assertThat(no.sentence())
                                .contains("wants 1 5/8 in to give")
                                .contains("road fit"));
        assertThat(Cutting.of(proof, suit, cell.with("fit", "road"))).isInstanceOf(Cutting.Cut.class);
    }

    @Test
    void anEstimateSaysWhatTellsIt() {
        OrderForm form = OrderForms.shipped().get("tunic");
        Proof proof = Proof.of(new MadeUp(11).sheet(form, form.answers(Map.of()), TABLES));
        Garment tunic = Garments.shipped().find("tunic").orElseThrow();
        CutSpec spec = ((Cutting.Cut) Cutting.of(proof, tunic, tunic.choices().usual(Map.of()))).spec();
        assertThat(spec.estimates())
                .filteredOn(e -> e.input().equals("neckline"))
                .allMatch(e -> e.rule().startsWith("likely for this body, told by U3"));
        assertThat(spec.notes()).contains("A slit begins 1 5/8 in above the seat line.");
    }

    /** A sheet of the trousers is no tunic whose every line has changed. */
    @Test
    void whatIsCutOfTwoGarmentsOfOneSheetIsNotCompared() throws JsonRefused {
        OrderForm form = OrderForms.shipped().get("tunic");
        Proof proof = Proof.of(new MadeUp(11).sheet(form, form.answers(Map.of()), TABLES));
        List<CutSpec> both = Garments.shipped().allOf(form).stream()
                .map(g -> ((Cutting.Cut) Cutting.of(proof, g, g.choices().usual(Map.of()))).spec())
                .toList();
        String tunic = CutJson.write(both.get(0));
        assertThat(CutChanges.of(tunic, both.get(0), form.unit())).isEmpty();
        assertThat(CutChanges.of(tunic, both.get(1), form.unit()))
                .containsExactly("it is of another garment of this sheet");
    }
}
