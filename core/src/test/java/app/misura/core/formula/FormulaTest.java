package app.misura.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaTest {
    private static final Map<String, Double> KNOWN = Map.of(
            "rise",
            260.0,
            "rise-ease",
            10.0,
            "seat",
            1060.0,
            "net seat",
            1000.0,
            "net knee-bent",
            410.0,
            "A1-right",
            60.0,
            "seat-girth[seated]",
            1080.0,
            "nought",
            0.0);

    private static final Formula.Names NAMES = new Formula.Names() {
        @Override
        public OptionalDouble of(String name) {
            Double value = KNOWN.get(name);
            return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
        }

        @Override
        public String chosen(String choice) {
            return choice.equals("leg") ? "narrow" : "";
        }
    };

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.7 rise-ease | 17",
                "-rise-ease - 5 | -15",
                "rise + seat | 1320",
                "1/4 seat + 1/2 A1-right | 295",
                "2 rise - 3 rise | -260",
                "40 | 40",
                "- 40 + 3/4 | -39.25",
                "0.415 net seat - net knee-bent + 24.9 | 29.9",
                "max(0.415 net seat - net knee-bent, 10) | 10",
                "2 max(rise, seat - 900, 1) + 1 | 521",
                "min(rise, seat) | 260",
                "by-leg(gathered 30, narrow 8 - rise-ease) | -2",
                "max(by-leg(gathered 1, narrow 2), 1) | 2",
                "seat-girth[seated] - net seat | 80",
            })
    void aFormulaComesToItsNumber(String text, double value) {
        assertThat(Formula.parse(text).value(NAMES).orElseThrow()).isEqualTo(value, within(1e-9));
    }

    @Test
    void whatIsNotKnownComesToNothingAndIsNamed() {
        Formula formula = Formula.parse("rise + 0.5 height");
        assertThat(formula.value(NAMES)).isEmpty();
        assertThat(formula.names()).containsExactly("rise", "height");
        assertThat(Formula.parse("by-side(slit 1, flare 2)").value(NAMES))
                .as("nobody asks: the first")
                .hasValue(1);
        assertThat(Formula.parse("by-side(slit 1, flare rise)").choices())
                .isEqualTo(Map.of("side", java.util.Set.of("slit", "flare")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "rise +",
                "1/0 rise",
                "rise seat",
                "max(rise",
                "max rise",
                "by-leg(narrow)",
                "2 3",
                "rise * 2",
                "net",
                "by-leg(a 1, a 2)",
                "rise)",
                "[seated]"
            })
    void whatIsNoFormulaIsRefusedWithItsPlace(String text) {
        assertThatThrownBy(() -> Formula.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("\"" + text + "\"");
    }

    @Test
    void aPlainSumGivesItsFactors() {
        assertThat(Formula.parse("D2 + D3 - D1").factors()).isEqualTo(Map.of("D2", 1.0, "D3", 1.0, "D1", -1.0));
        assertThat(Formula.parse("1/4 B3 - B3").factors()).isEqualTo(Map.of("B3", -0.75));
        assertThatThrownBy(() -> Formula.parse("D2 + 4").factors()).hasMessageContaining("only names");
        assertThatThrownBy(() -> Formula.parse("max(D2, D3)").factors()).hasMessageContaining("only names");
    }
}
