package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.fit.FitChoice;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.proof.Proof;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Two thousand made-up bodies in three fits: every target holds on the drawn line, or the refusal is honest and rare. */
class TrousersCutPropertyTest {
    private static final long SEED = 90210;
    private static final int BODIES = 2000;
    /** At most one in a hundred honest bodies may be refused. */
    private static final double MOST_REFUSED = 0.01;

    @Test
    void everyTargetHoldsOrTheRefusalIsHonest() {
        int refused = 0;
        Map<String, Integer> why = new TreeMap<>();
        for (int i = 0; i < BODIES; i++) {
            Proof proof = Proof.of(new RandomBody(SEED + i).sheet(0.5));
            for (FitChoice fit : FitChoice.values()) {
                TrousersCut.Result result =
                        TrousersCut.of(proof, TrousersChoices.of(Map.of()).withFit(fit));
                if (result instanceof TrousersCut.Refused r) {
                    refused++;
                    why.merge(r.sentence(), 1, Integer::sum);
                    assertThat(r.inputs()).hasSizeGreaterThanOrEqualTo(2);
                } else {
                    check(((TrousersCut.Cut) result).spec(), "seed " + (SEED + i) + " " + fit);
                }
            }
        }
        System.out.println("seed " + SEED + ": refused " + refused + " of " + 3 * BODIES + " " + why);
        assertThat((double) refused / (3 * BODIES)).as("share refused").isLessThanOrEqualTo(MOST_REFUSED);
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
