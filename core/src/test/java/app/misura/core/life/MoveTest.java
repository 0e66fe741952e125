package app.misura.core.life;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class MoveTest {
    private static Standing at(Stage stage) {
        return new Standing(stage, stage, "", "", "", true);
    }

    private static Move to(Stage stage, Standing at) {
        return Move.of(at).stream().filter(m -> m.to() == stage).findFirst().orElseThrow();
    }

    @Test
    void anOrderThatHoldsIsLivedToItsEnd() {
        List<Stage> way = Stream.of(
                        Stage.MEASURING, Stage.MEASURED, Stage.CUTTING, Stage.MAKING, Stage.READY, Stage.HANDED_OVER)
                .toList();
        for (int i = 1; i < way.size(); i++) {
            Move move = to(way.get(i), at(way.get(i - 1)));
            assertThat(move.isFree()).as(move.verb()).isTrue();
            assertThat(move.onward()).as(move.verb()).isTrue();
        }
    }

    @Test
    void measuredNeedsEverythingTakenAndNothingOpen() {
        Standing missing = new Standing(Stage.MEASURING, Stage.MEASURING, "D5 is still to be taken.", "", "", false);
        assertThat(to(Stage.MEASURED, missing).hindrance()).isEqualTo("D5 is still to be taken.");
        assertThat(to(Stage.IN_REVIEW, missing).isFree()).isFalse();
        Standing wrong = new Standing(Stage.IN_REVIEW, Stage.IN_REVIEW, "", "S2 is wrong.", "", false);
        assertThat(to(Stage.MEASURED, wrong).hindrance()).isEqualTo("S2 is wrong.");
        Standing asked = new Standing(Stage.MEASURING, Stage.MEASURING, "", "S2 is wrong.", "", false);
        assertThat(to(Stage.IN_REVIEW, asked).isFree())
                .as("what is wrong is looked at")
                .isTrue();
    }

    @Test
    void cuttingNeedsACutThatHoldsOnASheetThatStillDoes() {
        Standing open = new Standing(Stage.MEASURED, Stage.MEASURED, "", "", "An opening is too small.", false);
        assertThat(to(Stage.CUTTING, open).hindrance()).isEqualTo("An opening is too small.");
        Standing reopened = new Standing(Stage.MEASURED, Stage.MEASURED, "", "U1 is wrong.", "", false);
        assertThat(to(Stage.CUTTING, reopened).hindrance()).isEqualTo("U1 is wrong.");
        assertThat(to(Stage.MAKING, new Standing(Stage.CUTTING, Stage.CUTTING, "", "", "", false))
                        .hindrance())
                .contains("No cut sheet was printed");
    }

    @Test
    void whatIsTakenUpAgainStandsWhereItStoodIfThatStillHolds() {
        assertThat(Move.of(new Standing(Stage.ON_HOLD, Stage.CUTTING, "", "", "", true))
                        .get(0)
                        .to())
                .isEqualTo(Stage.CUTTING);
        assertThat(Move.of(new Standing(Stage.CALLED_OFF, Stage.CUTTING, "", "U1 is wrong.", "", true))
                        .get(0)
                        .to())
                .isEqualTo(Stage.MEASURING);
        assertThat(Move.of(new Standing(Stage.ON_HOLD, Stage.ON_HOLD, "", "", "", true))
                        .get(0)
                        .to())
                .isEqualTo(Stage.MEASURING);
    }

    @ParameterizedTest
    @EnumSource(Stage.class)
    void everyStageHasAWayOnAndNoneLeadsToItself(Stage stage) {
        List<Move> moves = Move.of(at(stage));
        assertThat(moves).isNotEmpty().noneMatch(m -> m.to() == stage);
        assertThat(moves.stream().map(Move::to)).doesNotHaveDuplicates();
        assertThat(moves.stream().anyMatch(Move::wantsReason)).isEqualTo(stage.isOpen() || stage == Stage.ON_HOLD);
        assertThat(moves.stream().filter(Move::wantsReason)).noneMatch(Move::onward);
    }
}
