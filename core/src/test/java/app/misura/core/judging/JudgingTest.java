package app.misura.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.finding.Rules;
import app.misura.core.finding.Severity;
import app.misura.core.judging.Judging.Setting;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What a house may set of its checks, and what each then does. */
class JudgingTest {
    /** A trouser sheet whose knee is as wide bent as straight, to be warned of. */
    private static final Sheet KNEE = Sheets.of(Sheets.AVERAGE.replace("M2=41", "M2=36"));

    private static Severity weight(Sheet sheet, String rule) {
        return Proof.of(sheet).findings().stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow()
                .severity();
    }

    private static Sheet set(Sheet sheet, String check, Severity severity, double tolerance) {
        return sheet.judged(sheet.judging().with(Map.of(check, new Setting(severity, tolerance))));
    }

    @Test
    void whatIsAskedForByNameIsDeclared() {
        assertThat(Check.all())
                .extracting(Check::id)
                .contains(Rules.CLOSURE_WRONG, Rules.LEFT_RIGHT, Rules.AGREEMENT, Rules.PROPORTION);
    }

    @Test
    void everyKindSaysWhatItAsksAndWhy() {
        assertThat(Check.all()).extracting(Check::id).doesNotHaveDuplicates().contains("order", "closure-wrong");
        assertThat(Check.all()).allSatisfy(check -> {
            assertThat(check.says()).endsWith("?");
            assertThat(check.reason()).endsWith(".");
            assertThat(check.source()).isNotBlank();
            assertThat(check.may()).isNotEmpty();
            if (check.tolerance() != null) {
                assertThat(check.tolerance().usual())
                        .isBetween(check.tolerance().low(), check.tolerance().high());
            }
        });
    }

    @Test
    void whatAnyRuleFindsIsDeclared() {
        List<String> found = List.of("AVERAGE", "S2=39.5", "M2=36", "D9-left=40", "U1=10", "U2=120").stream()
                .map(change -> change.contains("=")
                        ? Sheets.of(Sheets.AVERAGE.replaceAll(" " + change.split("=")[0] + "=\\S+", "") + " " + change)
                        : Sheets.of(Sheets.AVERAGE))
                .flatMap(sheet -> Proof.of(sheet).findings().stream())
                .map(f -> f.rule())
                .distinct()
                .toList();
        assertThat(found).hasSizeGreaterThan(4);
        assertThat(found).allSatisfy(rule -> assertThat(Check.named(rule).id()).isEqualTo(rule));
    }

    @Test
    void aHouseMakesAWarningAFaultOrANote() {
        assertThat(weight(KNEE, "posture-pair")).isEqualTo(Severity.WARNING);
        assertThat(weight(set(KNEE, "posture-pair", Severity.FAULT, 0), "posture-pair"))
                .isEqualTo(Severity.FAULT);
        assertThat(Proof.of(set(KNEE, "posture-pair", Severity.FAULT, 0)).verdict())
                .isEqualTo(Proof.Verdict.FAULTS);
        assertThat(weight(set(KNEE, "posture-pair", Severity.NOTE, 0), "posture-pair"))
                .isEqualTo(Severity.NOTE);
    }

    @Test
    void aSpanIsWidened() {
        Sheet thin = Sheets.of(Sheets.AVERAGE.replace("D7=36.5", "D7=25"));
        assertThat(Proof.of(thin).findings()).anyMatch(f -> f.rule().equals("span"));
        assertThat(Proof.of(set(thin, "span", Severity.WARNING, 10)).findings())
                .noneMatch(f -> f.rule().equals("span"));
    }

    @Test
    void whatCannotBeSoIsRefusedWithWords() {
        assertThatThrownBy(() -> Judging.usual().with(Map.of("left-right", new Setting(Severity.FAULT, 0.6))))
                .hasMessageContaining("Left and right is never a fault.");
        assertThatThrownBy(() -> Judging.usual().with(Map.of("proportion", new Setting(Severity.NOTE, 9))))
                .hasMessageContaining("between 0.8 and 2.0");
        assertThatThrownBy(() -> Check.named("luck")).hasMessageContaining("luck");
    }
}
