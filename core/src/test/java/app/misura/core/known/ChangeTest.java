package app.misura.core.known;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.format.sums.ChangeLines;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Play;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChangeTest {
    private static final Instant MAY = Instant.parse("2026-05-03T10:00:00Z");
    private static final Instant JUNE = Instant.parse("2026-06-03T10:00:00Z");

    private static Proof read(String text, Instant at) {
        Sheet sheet = Sheets.of(text);
        List<Reading> readings = sheet.readings().stream()
                .map(r -> new Reading(r.step(), r.side(), r.text(), r.length(), r.play(), at, r.by(), r.aid(), null))
                .toList();
        return Proof.of(new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), readings));
    }

    private static List<Change<String>> changes(String now, String before) {
        return Change.since(
                read(now, JUNE),
                Known.of(read(before, MAY)).stream()
                        .map(k -> new Reuse.Source<>("May", k))
                        .toList(),
                HouseTables.shipped());
    }

    @Test
    void whatIsMoreAndWhatIsLessIsSaidWithItsSize() {
        List<Change<String>> changes = changes("U2=87 U2=87 D1=104 S1=78", "U2=80 U2=80 D1=104 S1=78.5");
        assertThat(changes).extracting(c -> c.value().toString()).containsExactly("D1", "U2", "S1");
        assertThat(changes)
                .extracting(Change::by)
                .containsExactly(Length.ZERO, Length.of("7", Unit.CM), Length.of("-0.5", Unit.CM));
        assertThat(changes).extracting(Change::large).containsExactly(false, true, false);
        assertThat(changes).allMatch(c -> c.then().equals(MAY) && c.sheet().equals("May"));
        assertThat(ChangeLines.svg(changes, Unit.CM))
                .contains("+ 7")
                .contains("− 0.5")
                .contains("class=\"large\"");
    }

    /** With a finger under the tape then and none now the same number is another body. */
    @Test
    void thePlayIsTakenOff() {
        Sheet sheet = Sheets.of("U1=100");
        Reading r = sheet.readings().get(0);
        Reading tight = new Reading(r.step(), r.side(), r.text(), r.length(), Play.SNUG, JUNE, r.by(), r.aid(), null);
        Proof now = Proof.of(new Sheet(sheet.form(), sheet.wearer(), sheet.answers(), List.of(tight)));
        List<Change<String>> changes = Change.since(
                now,
                Known.of(read("U1=100", MAY)).stream()
                        .map(k -> new Reuse.Source<>("May", k))
                        .toList(),
                HouseTables.shipped());
        assertThat(changes).singleElement().satisfies(c -> assertThat(c.by()).isEqualTo(Length.of("1.5", Unit.CM)));
    }

    @Test
    void whatWasReadLaterOrNeverIsNoLastTime() {
        assertThat(changes("U1=100", "D1=104")).isEmpty();
        Proof may = read("U1=100", MAY);
        assertThat(Change.since(
                        may,
                        Known.of(read("U1=104", JUNE)).stream()
                                .map(k -> new Reuse.Source<>("June", k))
                                .toList(),
                        HouseTables.shipped()))
                .isEmpty();
        assertThat(ChangeLines.svg(List.of(), Unit.CM)).isEmpty();
    }
}
