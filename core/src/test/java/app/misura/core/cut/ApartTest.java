package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.draft.Draft;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ApartTest {
    private static CutSpec cut(String left, String right) {
        String sheet =
                Sheets.AVERAGE.replace("D9-left=57.5", "D9-left=" + left).replace("D9-right=58", "D9-right=" + right);
        return ((TrousersCut.Cut) TrousersCut.of(Proof.of(Sheets.of(sheet)), TrousersChoices.of(Map.of()))).spec();
    }

    @ParameterizedTest
    @ValueSource(strings = {"54 58", "58 54", "55 58.5", "60 56"})
    void theTwoSidesMakeOneGarment(String thighs) {
        String[] each = thighs.split(" ");
        Draft draft = cut(each[0], each[1]).draft();
        assertThat(draft.holds()).isTrue();
        assertThat(draft.pieces().stream().map(Piece::name))
                .contains("front-left", "front-right", "back-left", "back-right", "waistband")
                .doesNotContain("front", "back");
        assertThat(draft.pieces().stream().filter(p -> p.side() != null)).allSatisfy(p -> {
            assertThat(p.count()).isEqualTo(1);
            assertThat(p.mirrored()).isFalse();
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"54 58", "58 54"})
    void whatGoesRoundTheBodyIsMeasuredOnBothSides(String thighs) {
        String[] each = thighs.split(" ");
        CutSpec spec = cut(each[0], each[1]);
        Draft draft = spec.draft();
        double seat = 0;
        for (String piece : List.of("front-left", "front-right", "back-left", "back-right")) {
            seat += draft.piece(piece).level("seat").width();
        }
        assertThat(draft.target("seat").measured()).isEqualTo(seat, within(1e-6));
        assertThat(draft.target("seat").expected()).isEqualTo(spec.line("seat").cut(), within(0.01));
        assertThat(draft.target("waist").expected())
                .isEqualTo(spec.line("waist").cut(), within(0.01));
    }

    @ParameterizedTest
    @ValueSource(strings = {"54 58", "58 54"})
    void theWiderLegIsDrawnWider(String thighs) {
        String[] each = thighs.split(" ");
        Draft draft = cut(each[0], each[1]).draft();
        Target left = draft.target("thigh-left");
        Target right = draft.target("thigh-right");
        double apart = 10 * (Double.parseDouble(each[1]) - Double.parseDouble(each[0]));
        assertThat(right.expected() - left.expected()).isEqualTo(apart, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"54 58"})
    void everySeamOfALegIsWalkedOnItsOwnSide(String thighs) {
        String[] each = thighs.split(" ");
        Draft draft = cut(each[0], each[1]).draft();
        for (Seam seam : draft.seams()) {
            if (seam.name().endsWith("-left") || seam.name().endsWith("-right")) {
                String side = seam.name().substring(seam.name().lastIndexOf('-'));
                assertThat(seam.a()).allSatisfy(e -> assertThat(e.piece()).endsWith(side));
                assertThat(seam.b()).allSatisfy(e -> assertThat(e.piece()).endsWith(side));
            }
        }
        assertThat(draft.seams().stream().map(Seam::name)).contains("inseam-left", "inseam-right", "waistband");
    }
}
