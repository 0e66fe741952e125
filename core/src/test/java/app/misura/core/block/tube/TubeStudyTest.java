package app.misura.core.block.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cuts;
import app.misura.core.cut.Cutting;
import app.misura.core.draft.Finish;
import app.misura.core.draft.Level;
import app.misura.core.draft.Piece;
import app.misura.core.draft.Seam;
import app.misura.core.fit.ChainLine;
import app.misura.core.geometry.Point;
import app.misura.core.geometry.Polyline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** Two thousand made-up limbs, each cut as its form says, every girth measured again with a tape of the test's own. */
class TubeStudyTest {
    private static final long SEED = 30303;
    private static final int LIMBS = 2000;
    private static final double HALF_A_MILLIMETRE = 0.5;

    private final List<RandomLimb> drawn =
            LongStream.range(SEED, SEED + LIMBS).mapToObj(RandomLimb::new).toList();

    private double share(Predicate<RandomLimb> who) {
        return drawn.stream().filter(who).count() / (double) LIMBS;
    }

    @Test
    void thereAreChildrenLargeOnesAndLimbsThatEndEarly() {
        assertThat(share(l -> l.child)).isBetween(0.15, 0.25);
        assertThat(share(l -> l.cm("D8") > 45)).isGreaterThan(0.03);
        assertThat(share(l -> l.cm("D8") > 0 && l.cm("D8") < 27)).isGreaterThan(0.03);
        assertThat(share(l -> l.gone > 0)).isBetween(0.07, 0.13);
        assertThat(share(l -> l.gone > 3)).isGreaterThan(0.01);
        assertThat(share(l -> Math.abs(l.cm("D15") - l.cm("D16")) > 2)).isGreaterThan(0.04);
        assertThat(share(l -> l.form.equals("long-glove"))).isBetween(0.32, 0.35);
    }

    @Test
    void everyGirthIsAtItsHeightAndWhatIsRefusedSaysWhy() {
        List<String> refused = new ArrayList<>();
        int cut = 0;
        for (RandomLimb limb : drawn) {
            Cutting.Result result = Cuts.of(limb.sheet(), Cuts.usual(limb.sheet()));
            if (result instanceof Cutting.Cut done) {
                cut++;
                measured(done.spec(), "seed " + limb.seed);
            } else {
                refused.add("seed " + limb.seed + ": " + result);
                if (result instanceof Cutting.Refused no) {
                    assertThat(no.solver()).as("seed " + limb.seed).isFalse();
                    assertThat(no.inputs()).as(no.sentence()).hasSizeGreaterThanOrEqualTo(2);
                }
            }
        }
        assertThat(refused.size())
                .as(cut + " cut; refused: " + String.join("\n", refused))
                .isLessThan(LIMBS / 100);
    }

    private static void measured(CutSpec spec, String which) {
        assertThat(spec.draft().holds()).as(which).isTrue();
        List<Piece> panels = spec.draft().pieces().stream()
                .filter(p -> p.edges().stream().anyMatch(e -> e.finish() == Finish.FOLD))
                .toList();
        for (Level level : panels.get(0).levels()) {
            double round = 0;
            for (Piece panel : panels) {
                double[] crossings = Polyline.crossings(
                        panel.outline(), panel.level(level.name()).to().y() - 1e-6);
                round += 2 * (crossings[crossings.length - 1] - crossings[0]);
            }
            ChainLine line = spec.line(level.name());
            double worn = round - line.ease().value() - line.thickness();
            assertThat(worn).as(which + " " + level.name()).isCloseTo(line.net(), within(HALF_A_MILLIMETRE));
            assertThat(height(panels.get(0), level))
                    .as(which + " height of " + level.name())
                    .isCloseTo(overTheHem(spec, panels.get(0), level), within(HALF_A_MILLIMETRE));
        }
        for (Seam seam : spec.draft().seams()) {
            assertThat(seam.holds()).as(which + " " + seam.id()).isTrue();
        }
        slantedEdge(spec, panels, which);
        assertThat(panels)
                .as(which)
                .allSatisfy(
                        p -> assertThat(Polyline.crossesItself(spec.cutLine(p))).isFalse());
    }

    private static double height(Piece panel, Level level) {
        return panel.edge("hem").path().start().y() - level.to().y();
    }

    /** How far the body's own level lies over that of the hem. */
    private static double overTheHem(CutSpec spec, Piece panel, Level level) {
        String hem = panel.edge("hem").of().get(0);
        return finished(spec, level.name() + "-height") - finished(spec, hem + "-height");
    }

    /** A line's finished measure; nought for the wrist's height, from which the others are counted and which is not shown. */
    private static double finished(CutSpec spec, String line) {
        return spec.chain().stream()
                .filter(e -> e.id().equals(line))
                .mapToDouble(e -> e.line().finished())
                .findFirst()
                .orElse(0);
    }

    private static void slantedEdge(CutSpec spec, List<Piece> panels, String which) {
        Optional<ChainLine> top = spec.chain().stream()
                .map(CutSpec.Entry::line)
                .filter(l -> l.name().equals("top"))
                .findFirst();
        if (top.isEmpty()) {
            return;
        }
        double edge = panels.stream()
                .mapToDouble(p -> 2 * Polyline.length(p.edge("top").path().flatten()))
                .sum();
        assertThat(edge).as(which + " edge").isCloseTo(top.get().cut(), within(HALF_A_MILLIMETRE));
        Point fold = panels.get(0).edge("top").path().start();
        double front = panels.get(0).edge("hem").path().start().y() - fold.y();
        String hem = panels.get(0).edge("hem").of().get(0);
        double wanted =
                spec.line("top-front").finished() - spec.line(hem + "-height").finished();
        assertThat(front).as(which + " front").isCloseTo(wanted, within(HALF_A_MILLIMETRE));
    }
}
