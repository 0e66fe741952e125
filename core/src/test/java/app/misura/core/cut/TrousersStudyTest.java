package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.garment.Choices;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Made-up bodies in three fits and three fronts: every target and every seam holds on the drawn line, or the
 * refusal is honest and rare. An honest refusal is never the solver's, and never one of an exact tape. {@code bin/proof-study} makes it
 * long.
 */
class TrousersStudyTest {
    private static final long SEED = 90210;
    private static final int BODIES = Integer.getInteger("misura.study", 400);

    @ParameterizedTest
    @CsvSource({
        "flat, 0.0, 0.0005",
        "one-pleat, 0.0, 0.0005",
        "two-pleats, 0.0, 0.0005",
        "flat, 0.5, 0.003",
        "one-pleat, 0.5, 0.003",
        "two-pleats, 0.5, 0.003"
    })
    void everyTargetHoldsOrTheRefusalIsHonest(String front, double noise, double most) {
        List<String> refused = new ArrayList<>();
        for (int i = 0; i < BODIES; i++) {
            long seed = SEED + i;
            Proof proof = Proof.of(new RandomBody(seed).sheet(noise));
            for (String fit : List.of("close", "regular", "easy")) {
                Choices choices = Cuts.chosen("front=" + front + " fit=" + fit);
                Cutting.Result result = Cutting.of(proof, Cuts.TROUSERS, choices);
                if (result instanceof Cutting.Cut cut) {
                    check(cut.spec(), "seed " + seed + " " + fit + " " + front);
                } else {
                    refused.add("seed " + seed + " " + fit + " " + said(result));
                }
            }
        }
        System.out.println(
                front + ", noise " + noise + " cm, seed " + SEED + ": refused " + refused.size() + " of " + 3 * BODIES);
        refused.forEach(System.out::println);
        int cuts = 3 * BODIES;
        assertThat((double) refused.size() / cuts)
                .as("share refused")
                .isLessThanOrEqualTo(most + 2 * Math.sqrt(most * (1 - most) / cuts));
    }

    /** A refusal of an honest body: two readings that fight, or a choice that is named; never the solver's. */
    private static String said(Cutting.Result result) {
        if (result instanceof Cutting.NotSo notSo) {
            assertThat(notSo.choices()).as(notSo.sentence()).isNotEmpty();
            assertThat(notSo.sentence()).doesNotContain("come together");
            return notSo.sentence();
        }
        Cutting.Refused refused = (Cutting.Refused) result;
        assertThat(refused.inputs()).as(refused.sentence()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(refused.solver()).as(refused.sentence()).isFalse();
        return refused.sentence();
    }

    private static void check(CutSpec spec, String what) {
        for (Target target : spec.draft().targets()) {
            assertThat(target.holds()).as("%s: %s", what, target).isTrue();
        }
        for (Seam seam : spec.draft().seams()) {
            assertThat(seam.holds()).as("%s: %s", what, seam).isTrue();
        }
    }
}
