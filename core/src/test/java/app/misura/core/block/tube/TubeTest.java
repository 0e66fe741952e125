package app.misura.core.block.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.cut.Cutting;
import app.misura.core.draft.Scope;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.garment.Choices;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Sheet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The garments round a limb, from the reading to the piece. */
class TubeTest {

    private static Sheet cover(String text) {
        return Limbs.sheet("limb-cover", "right", text, AgeGroup.ADULT);
    }

    private static Cutting.Result cut(Sheet sheet, String choices) {
        return Cuts.of(sheet, Cuts.chosen(Cuts.garment(sheet), choices));
    }

    private static CutSpec spec(Sheet sheet, String choices) {
        return Cuts.spec(sheet, Cuts.chosen(Cuts.garment(sheet), choices));
    }

    @Test
    void whereTheLimbEndsTheCoverEndsAndNothingIsEstimated() {
        String ends = Limbs.LEG.replace("D1=26 D2=23 D3=10", "D1=not-there D2=not-there D3=not-there");
        CutSpec spec = spec(cover(ends), "");
        assertThat(spec.draft().piece("front").edge("hem").of()).containsExactly("calf");
        assertThat(spec.chain().stream().map(CutSpec.Entry::id)).doesNotContain("ankle", "ankle-height", "foot");
        assertThat(spec.estimates()).isEmpty();
        assertThat(spec.openings()).isEmpty();
        assertThat(Proof.of(cover(ends)).verdict()).isEqualTo(Proof.Verdict.HOLDS);
    }

    @Test
    void aHeightThatWasForgottenIsAskedFor() {
        assertThat(cut(cover(Limbs.LEG.replace(" D9=48", "")), ""))
                .isInstanceOfSatisfying(Cutting.Missing.class, missing -> {
                    assertThat(missing.steps()).containsExactly("D9");
                    assertThat(missing.sentence()).contains("Limb cover cannot be cut without");
                });
    }

    @Test
    void leftAndRightAreTwoBodiesAndNeverAveraged() {
        Sheet both = Limbs.sheet(
                "limb-cover", "both", Limbs.both(Limbs.LEG, Map.of("D4", "34.5", "D8", "37.5")), AgeGroup.ADULT);
        Proof proof = Proof.of(both);
        assertThat(proof.findings()).isEmpty();
        assertThat(proof.brackets()).hasSize(2);
        CutSpec spec = Cuts.spec(both, Cuts.usual(both));
        assertThat(spec.draft().pieces().stream().map(p -> p.id().toString()))
                .containsExactly("front-left", "back-left", "grip-left", "front-right", "back-right", "grip-right");
        assertThat(spec.line("calf-left").net()).isCloseTo(350, within(1e-9));
        assertThat(spec.line("calf-right").net()).isCloseTo(345, within(1e-9));
        assertThat(spec.draft().target("knee-right").scope()).isEqualTo(Scope.RIGHT);
        assertThat(spec.line("knee-left").source().step()).isEqualTo("D8-left");
    }

    @Test
    void aLimbOfTwoThatEndsEarlyDoesNotShortenTheOther() {
        CutSpec spec = spec(
                Limbs.sheet(
                        "limb-cover",
                        "both",
                        Limbs.both(Limbs.LEG, Map.of("D1", "not-there", "D2", "not-there", "D3", "not-there")),
                        AgeGroup.ADULT),
                "");
        assertThat(spec.draft().piece("front-left").edge("hem").of()).containsExactly("ankle");
        assertThat(spec.draft().piece("front-right").edge("hem").of()).containsExactly("calf");
        assertThat(spec.openings())
                .singleElement()
                .satisfies(o -> assertThat(o.edge()).isEqualTo("left ankle"));
    }

    @Test
    void overSkinThatIsNotSoundNothingIsCut() {
        for (String skin : List.of("numb", "wound")) {
            assertThat(cut(cover(Limbs.LEG), "skin=" + skin)).isInstanceOfSatisfying(Cutting.NotSo.class, no -> {
                assertThat(no.choices())
                        .singleElement()
                        .satisfies(c -> assertThat(c.id()).isEqualTo("skin"));
                assertThat(no.sentence()).contains("licensed fitter decides");
            });
        }
    }

    @Test
    void aGripThatWouldPressTooMuchIsNotCut() {
        assertThat(cut(cover(Limbs.LEG), "weight=300 grip=20")).isInstanceOf(Cutting.Cut.class);
        Sheet child = Limbs.sheet("limb-cover", "right", Limbs.LEG, AgeGroup.CHILD);
        assertThat(cut(child, "weight=300 grip=20")).isInstanceOfSatisfying(Cutting.NotSo.class, no -> {
            assertThat(no.choices().stream().map(c -> c.id())).containsExactly("weight", "grip");
            assertThat(no.sentence()).contains("no more than 4");
        });
        CutSpec spec = spec(cover(Limbs.LEG), "");
        assertThat(spec.line("grip-band").ease().presses()).isBetween(1.5, 2.5);
        assertThat(spec.line("grip-band").finished())
                .isLessThan(spec.line("top").finished());
    }

    @Test
    void theEdgeIsNotStretchedAndTheRestIs() {
        CutSpec spec = spec(cover(Limbs.LEG), "");
        for (String edge : List.of("top", "top-under")) {
            assertThat(spec.line(edge).ease().value()).as(edge).isZero();
        }
        assertThat(spec.line("calf").ease().value()).isCloseTo(350 / 1.06 - 350, within(1e-6));
    }

    @Test
    void levelsOutOfTheirOrderAreRefusedByTheirSteps() {
        assertThat(cut(cover(Limbs.LEG.replace("D9=48", "D9=38")), ""))
                .isInstanceOfSatisfying(Cutting.Refused.class, no -> {
                    assertThat(no.inputs().stream().map(Cutting.Input::step)).containsExactly("D9", "D7");
                    assertThat(no.solver()).isFalse();
                });
    }

    @Test
    void aLegWarmerIsAsLongAsWishedWithItsFoldsAndHasHemsAboveAndBelow() {
        String leg = "D2=23 D3=10 D4=35 D5=30 D6=34.5 D7=42 D8=38 D9=48 D10=41 D11=55";
        CutSpec spec = spec(Limbs.sheet("leg-warmer", "left", leg + " W1=30", AgeGroup.ADULT), "folds=60");
        assertThat(spec.line("reach").finished()).isEqualTo(100 + 300 + 60);
        var panel = spec.draft().pieces().get(0);
        double height = panel.edge("hem").path().start().y()
                - panel.edge("top").path().start().y();
        assertThat(height).isCloseTo(360, within(0.01));
        double above = panel.edge("top").path().start().y()
                - spec.cutLine(panel).stream().mapToDouble(p -> p.y()).min().orElseThrow();
        assertThat(above).as("turned down").isCloseTo(20, within(0.01));
        CutSpec whole = spec(Limbs.sheet("leg-warmer", "left", leg + " W1=0", AgeGroup.ADULT), "folds=0");
        assertThat(whole.draft().target("knee").holds()).isTrue();
        assertThat(whole.line("above-knee-height").finished()).isEqualTo(550);
    }

    @Test
    void aGloveReachesWhereItIsChosenAndTheHandPassesItsWrist() {
        Sheet arm = Limbs.sheet("long-glove", "right", Limbs.ARM, AgeGroup.ADULT);
        assertThat(spec(arm, "to=elbow").line("reach").finished()).isEqualTo(250);
        assertThat(spec(arm, "to=above-elbow").line("reach").finished()).isEqualTo(250 + 0.4 * 325);
        assertThat(spec(arm, "to=full").line("reach").finished()).isEqualTo(250 + 0.75 * 325);
        assertThat(spec(arm, "").openings()).singleElement().satisfies(o -> {
            assertThat(o.holds()).isTrue();
            assertThat(o.proved()).isTrue();
        });
        Choices stiff = Cuts.chosen(Cuts.garment(arm), "tested-across=0.05");
        assertThat(Cuts.spec(arm, stiff).closed()).hasSize(1);
    }

    @Test
    void whatIsWishedBeyondTheHighestGirthIsSaidOrRefused() {
        CutSpec spec = spec(Limbs.sheet("long-glove", "right", Limbs.ARM.replace("W1=0", "W1=48"), AgeGroup.ADULT), "");
        assertThat(spec.cautions()).anySatisfy(c -> assertThat(c).contains("over the highest girth that is known"));
        assertThat(cut(Limbs.sheet("long-glove", "right", Limbs.ARM.replace("W1=0", "W1=58"), AgeGroup.ADULT), ""))
                .isInstanceOfSatisfying(
                        Cutting.Refused.class, no -> assertThat(no.sentence()).contains("it would go on for"));
    }

    @Test
    void everyStepTakesTheSideThatIsAsked() {
        for (String form : List.of("limb-cover", "leg-warmer", "long-glove")) {
            for (Step step : OrderForms.shipped()
                    .get(form)
                    .asAsked(Map.of("sides", "left"))
                    .steps()) {
                if (step.takesReadings()) {
                    assertThat(step.side().word()).as(form + " " + step.label()).isEqualTo("left");
                }
            }
        }
    }

    @Test
    void anEdgeThatSlantsUnderTheLevelBelowItNamesItsOwnReadings() {
        assertThat(cut(cover(Limbs.LEG.replace("D16=70", "D16=50")), ""))
                .isInstanceOfSatisfying(
                        Cutting.Refused.class,
                        no -> assertThat(no.inputs().stream().map(Cutting.Input::step))
                                .containsExactly("D15", "D16", "D13"));
    }

    @Test
    void whereNothingIsThereNothingIsBlamed() {
        String none = Limbs.LEG.replaceAll("=[0-9.]+", "=not-there");
        assertThat(cut(cover(none), "")).isInstanceOfSatisfying(Cutting.Refused.class, no -> {
            assertThat(no.inputs()).isEmpty();
            assertThat(no.sentence()).startsWith("Nothing can be drawn: ").doesNotContain("fight");
        });
    }

    @Test
    void whatIsMissingIsAskedForInTheOrderOfTheForm() {
        String refused = Limbs.LEG.replaceAll("=[0-9.]+", "=refused");
        assertThat(cut(cover(refused), ""))
                .isInstanceOfSatisfying(
                        Cutting.Missing.class,
                        missing -> assertThat(missing.steps())
                                .startsWith("D2", "D3", "D4")
                                .endsWith("D14", "D15", "D16"));
    }

    @Test
    void ofTwoBodiesTheOneThatCannotBeCutIsNamed() {
        String right = Limbs.both(Limbs.LEG, Map.of("D9", "38"));
        assertThat(cut(Limbs.sheet("limb-cover", "both", right, AgeGroup.ADULT), ""))
                .isInstanceOfSatisfying(
                        Cutting.Refused.class,
                        no -> assertThat(no.sentence())
                                .contains("D9-right", "D7-right")
                                .doesNotContain("-left"));
        String missing = Limbs.both(Limbs.LEG, Map.of()).replace(" D13-right=65", "");
        assertThat(cut(Limbs.sheet("limb-cover", "both", missing, AgeGroup.ADULT), ""))
                .isInstanceOfSatisfying(Cutting.Missing.class, no -> {
                    assertThat(no.sentence()).endsWith("without D13 right.");
                    assertThat(no.steps()).containsExactly("D13");
                });
    }

    @Test
    void aStripThatHungOnlyHalfIsNotSaidToHaveHung() {
        String half = "stretch-across=0 hang-longer=10 thickness=5";
        assertThat(spec(cover(Limbs.LEG), half).cautions()).noneMatch(c -> c.contains("as the cloth hung"));
        String whole = "hang-load=500 hang-width=50 hang-length=200 hang-longer=10";
        assertThat(spec(cover(Limbs.LEG), whole).cautions()).anyMatch(c -> c.contains("as the cloth hung"));
    }
}
