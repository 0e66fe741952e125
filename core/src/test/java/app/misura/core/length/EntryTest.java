package app.misura.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EntryTest {
    private static final long SEED = 20260107L;

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "41.5; cm; 415",
                "41,5; cm; 415",
                ".5; cm; 5",
                "41; cm; 410",
                "41.; cm; 410",
                "104 1/2; cm; 1045",
                "415 mm; cm; 415",
                "41.5cm; cm; 415",
                "140+23; cm; 1630",
                "19+0.8; cm; 198",
                "18x2; cm; 360",
                "2x18; cm; 360",
                "2 × 18.5; cm; 370",
                "41 5/8; in; 1057.275",
                "41-5/8; in; 1057.275",
                "41.5/8; in; 1057.275",
                "1/2; in; 12.7",
                "41½; in; 1054.1",
                "½; in; 12.7",
                "5'7\"; in; 1701.8",
                "5' 7 1/2\"; in; 1714.5",
                "5'; in; 1524",
                "16 1/8 + 12 3/8; in; 723.9",
                "16\"; in; 406.4",
            })
    void understands(String text, String unit, double mm) {
        Entry entry = Entry.parse(text, Unit.parse(unit));
        assertThat(entry).isInstanceOf(Entry.Understood.class);
        assertThat(entry.asLength().orElseThrow().toMm()).isEqualTo(mm);
        assertThat(entry.text()).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"none", "=none", "0", "0.0", " None "})
    void readsNone(String text) {
        assertThat(Entry.parse(text, Unit.CM)).isInstanceOf(Entry.None.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "12..5; 12.5",
                "41 5/0; 41 5/8",
                "37 5/3; 37 5/8",
                "37 9/8; 38 1/8",
                "-4; 4",
                "18x3; 18x2",
                "41.5.3; 41.5",
                "140+; 140",
                "1 000; 1000",
                "104.5.; 104.5",
            })
    void refusesAndSaysWhatWouldBeUnderstood(String text, String instead) {
        Entry entry = Entry.parse(text, Unit.CM);
        assertThat(entry).isInstanceOf(Entry.Refused.class);
        Entry.Refused refused = (Entry.Refused) entry;
        assertThat(refused.instead()).isEqualTo(instead);
        assertThat(Entry.parse(instead, Unit.CM)).isInstanceOf(Entry.Understood.class);
        assertThat(refused.text()).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  ",
                "abc",
                "1e9",
                "1000000000",
                "<script>alert(1)</script>",
                "🙂",
                "5'13\"",
                "1,000.5",
                "1/3",
                "x",
                "+",
                "1 2",
                "NaN",
                "0x10",
                "٣",
                "+0",
                "0.00000001"
            })
    void refuses(String text) {
        assertThat(Entry.parse(text, Unit.CM)).isInstanceOf(Entry.Refused.class);
        assertThat(((Entry.Refused) Entry.parse(text, Unit.CM)).sentence()).isNotBlank();
    }

    /** What joins digits otherwise than a length may be anything: how one is written is said, and nothing is guessed. */
    @ParameterizedTest
    @ValueSource(strings = {"abc", "100-20", "1e9", "12:30"})
    void saysHowALengthIsWrittenWhereNothingIsNear(String text) {
        Entry.Refused refused = (Entry.Refused) Entry.parse(text, Unit.CM);
        assertThat(refused.instead()).isNull();
        assertThat(refused.sentence()).contains("one is written 104.5, 41 5/8, 5'7 or 140+23");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {"5 ft 7; 67", "5ft7; 67", "6 feet; 72", "41 3 / 4; 41.75", "41\u00A05/8; 41.625", "41–5/8; 41.625"
            })
    void whatHandsWriteIsUnderstood(String text, String inches) {
        assertThat(Entry.parse(text, Unit.INCH).asLength()).contains(Length.of(inches, Unit.INCH));
    }

    @Test
    void refusesTenThousandCharacters() {
        Entry entry = Entry.parse("1".repeat(10_000), Unit.CM);
        assertThat(((Entry.Refused) entry).reason()).contains("10000 characters");
    }

    /** Whatever is typed is understood, or refused with a sentence: ten thousand texts of what keys and fingers give. */
    @Test
    void everyTextIsUnderstoodOrRefusedInWords() {
        Random random = new Random(SEED);
        String keys =
                "0123456789012345678901234567890123456789.,/+- x'\"\u2032\u2033\u2013\u00a0\u202f=eEincmft\u00bd\uff11\u0663";
        int understood = 0;
        for (int i = 0; i < 10_000; i++) {
            StringBuilder typed = new StringBuilder();
            for (int n = random.nextInt(9); n >= 0; n--) {
                typed.append(keys.charAt(random.nextInt(keys.length())));
            }
            String text = typed.toString();
            Unit unit = random.nextBoolean() ? Unit.CM : Unit.INCH;
            Entry entry = Entry.parse(text, unit);
            String what = "seed " + SEED + ", \"" + text + "\" " + unit;
            if (entry instanceof Entry.Refused refused) {
                assertThat(refused.sentence()).as(what).isNotBlank();
                if (refused.instead() != null) {
                    assertThat(Entry.parse(refused.instead(), unit))
                            .as(what + ": what is proposed is understood")
                            .isNotInstanceOf(Entry.Refused.class);
                }
            } else if (entry instanceof Entry.Understood taken) {
                understood++;
                assertThat(taken.text()).as(what).isEqualTo(text);
                assertThat(taken.length().nanometres()).as(what).isBetween(0L, 100_000_000_000L);
            }
        }
        assertThat(understood).as("texts that are lengths").isBetween(500, 6000);
    }

    @Test
    void printingAndParsingAreInverse() {
        Random random = new Random(SEED);
        for (int i = 0; i < 100_000; i++) {
            Unit unit = random.nextBoolean() ? Unit.CM : Unit.INCH;
            Length length = switch (random.nextInt(3)) {
                case 0 -> new Length(396_875L * (1 + random.nextInt(20_000)));
                case 1 -> new Length(100_000L * (1 + random.nextInt(90_000)));
                default -> new Length(254L * (1 + random.nextInt(30_000_000)));
            };
            if (unit == Unit.INCH && length.nanometres() % 254 != 0 && length.nanometres() % 396_875 != 0) {
                unit = Unit.CM;
            }
            String text = LengthText.exact(length, unit);
            assertThat(Entry.parse(text, unit).asLength())
                    .as("seed %d, %s as \"%s\" %s", SEED, length, text, unit)
                    .contains(length);
        }
    }

    @Test
    void inchSumsHaveNoCrumbs() {
        Length sum = Entry.parse("16 1/8+12 3/8", Unit.INCH).asLength().orElseThrow();
        assertThat(LengthText.exact(sum, Unit.INCH)).isEqualTo("28 1/2");
    }

    @ParameterizedTest
    @CsvSource({"26.3,26.5", "26.25,26.5", "26.2,26", "26.5,26.5"})
    void snapsToTheNearestHalf(String typed, String kept) {
        Increment half = Increment.of("0.5", Unit.CM);
        Length snapped = half.snap(Length.of(typed, Unit.CM));
        assertThat(snapped).isEqualTo(Length.of(kept, Unit.CM));
        assertThat(half.snap(snapped)).isEqualTo(snapped);
    }

    @Test
    void inchFormsHaveCorrespondingTolerances() {
        assertThat(LengthText.exact(Increment.corresponding(Length.of("0.5", Unit.CM), Unit.CM), Unit.INCH))
                .isEqualTo("1/4");
        assertThat(LengthText.exact(Increment.corresponding(Length.of("1", Unit.CM), Unit.CM), Unit.INCH))
                .isEqualTo("1/2");
        assertThat(LengthText.exact(Increment.corresponding(Length.of("1.5", Unit.CM), Unit.CM), Unit.INCH))
                .isEqualTo("5/8");
    }
}
