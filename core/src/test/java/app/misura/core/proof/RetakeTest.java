package app.misura.core.proof;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.ValueId;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Strike;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** As little as possible is asked for again; and what a second round changed is said. */
class RetakeTest {
    private static Sheet sheet(String change) {
        String text = Sheets.AVERAGE;
        for (String each : change.split(" ")) {
            text = text.replaceAll(" " + each.split("=")[0] + "=\\S+", "") + " " + each;
        }
        return Sheets.of(text);
    }

    @Test
    void whereNothingIsWrongNothingIsAsked() {
        assertThat(Proof.of(sheet("U1=101.5")).retake()).isEqualTo(Retake.NOTHING);
    }

    /** The three of a loop cannot be told apart: one of them is taken again, the others only if it stays. */
    @Test
    void ofAGroupOneIsAskedFirst() {
        Proof proof = Proof.of(sheet("S3=83"));
        assertThat(proof.suspected()).hasSizeGreaterThan(1);
        assertThat(proof.retake().first()).hasSize(1);
        List<String> all = new ArrayList<>(proof.retake().first());
        all.addAll(proof.retake().then());
        assertThat(all).containsExactlyInAnyOrder("S3", "S4", "S5");
        assertThat(proof.retake().then()).isSorted();
    }

    @Test
    void whatALevelRestsOnIsAllAsked() {
        Sheet suit = Sheets.suit(Sheets.SUIT.replace("P1b=40.5", "P1b=44"), java.util.Map.of());
        assertThat(Proof.of(suit).retake().first()).contains("P1a", "P1b", "P1c");
    }

    /** Two faults that share a step ask for that one. */
    @Test
    void asOnPaperTwoGapsThatShareAStepAskForIt() {
        Sheet gaps = sheet("D3=47.5");
        Proof paper = Proof.of(gaps.judged(gaps.judging().onPaper(true)));
        assertThat(paper.findings().stream().filter(f -> f.rule().equals("closure-gap") && f.isFault()))
                .hasSize(2);
        assertThat(paper.retake().first()).containsExactly("D3");
    }

    private static Reading later(Sheet sheet, String id, String text) {
        Reading r = Sheets.reading(sheet.form(), id, text);
        return new Reading(
                        r.step(),
                        r.side(),
                        r.text(),
                        r.length(),
                        r.play(),
                        Instant.EPOCH.plusSeconds(3600),
                        "other",
                        null,
                        null)
                .inRound(2);
    }

    @Test
    void aSecondRoundSaysWhatItChangedAndWhatWasSaidBefore() {
        Sheet slip = sheet("S2=40");
        assertThat(Retaken.of(Proof.of(slip)))
                .as("the second try of the waist is no second round")
                .isEmpty();
        Proof now = Proof.of(slip.with(later(slip, "S2", "32.5")));
        Retaken retaken = Retaken.of(now).orElseThrow();
        assertThat(retaken.again()).extracting(ValueId::toString).containsExactly("S2");
        assertThat(retaken.values()).singleElement().satisfies(v -> {
            assertThat(v.id().toString()).isEqualTo("S2");
            assertThat(v.was().toCm()).isEqualTo(40);
            assertThat(v.is().toCm()).isEqualTo(32.5);
        });
        assertThat(retaken.before().head()).startsWith("One number is wrong: S2");
        assertThat(now.sentence().head()).isEqualTo("These numbers are one body.");
        assertThat(now.sheet().readings())
                .as("the first reading stays")
                .hasSize(slip.readings().size() + 1);
    }

    /** The widest of a slip and of what was read after it was seen would be the slip. */
    @Test
    void aWidestThatIsTakenAgainIsTheNewOne() {
        Sheet slip = sheet("U1=113");
        Proof now = Proof.of(slip.with(later(slip, "U1", "98")));
        assertThat(Retaken.of(now).orElseThrow().values()).singleElement().satisfies(v -> {
            assertThat(v.was().toCm()).isEqualTo(113);
            assertThat(v.is().toCm()).isEqualTo(98);
        });
    }

    @Test
    void whatCameOutTheSameIsSaidToo() {
        Sheet slip = sheet("S2=40");
        Retaken retaken =
                Retaken.of(Proof.of(slip.with(later(slip, "S2", "40")))).orElseThrow();
        assertThat(retaken.values()).isEmpty();
        assertThat(retaken.again()).extracting(ValueId::toString).containsExactly("S2");
    }

    @Test
    void whatWasStruckAfterwardsStoodBefore() {
        Sheet slip = sheet("S2=40");
        List<Reading> readings = new ArrayList<>();
        for (Reading r : slip.readings()) {
            readings.add(
                    r.step().equals("S2")
                            ? new Reading(
                                    r.step(),
                                    r.side(),
                                    r.text(),
                                    r.length(),
                                    r.play(),
                                    r.at(),
                                    r.by(),
                                    null,
                                    new Strike("misread", Instant.EPOCH.plusSeconds(3500 + 200), "other"))
                            : r);
        }
        readings.add(later(slip, "S2", "32.5"));
        Retaken retaken = Retaken.of(Proof.of(new Sheet(slip.form(), slip.wearer(), slip.answers(), readings)))
                .orElseThrow();
        assertThat(retaken.values()).hasSize(1);
        assertThat(retaken.before().head()).startsWith("One number is wrong: S2");
    }
}
