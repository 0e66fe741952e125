package app.misura.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureKeyTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "seat-girth",
                "seat-girth[seated]",
                "elbow-to-wrist[bent fist]",
                "cover-top-girth[at-second-level]"
            })
    void aKeyIsReadBackAsItIsWritten(String text) {
        assertThat(MeasureKey.parse(text)).hasToString(text);
        assertThat(MeasureKey.parse(text).in(Catalogue.shipped())).isNotNull();
    }

    @Test
    void valuesAreOfOneThingWhereMeasureConditionAndPlaceAre() {
        MeasureKey standing = MeasureKey.parse("seat-girth[standing]");
        assertThat(standing.matches(MeasureKey.of("seat-girth")))
                .as("standing is meant where nothing is said")
                .isTrue();
        assertThat(standing.matches(MeasureKey.parse("seat-girth[seated]"))).isFalse();
        assertThat(MeasureKey.parse("cover-top-girth[at-edge]")
                        .matches(MeasureKey.parse("cover-top-girth[at-second-level]")))
                .isFalse();
        assertThat(MeasureKey.of("knee-girth").matches(MeasureKey.of("calf-girth")))
                .isFalse();
    }

    @Test
    void wordsThatAreNoConditionAreRefused() {
        assertThatThrownBy(() -> MeasureKey.parse("seat-girth[dancing mooning]"))
                .hasMessageContaining("mooning");
        assertThatThrownBy(() -> new Place("Second Level")).hasMessageContaining("second-level");
    }
}
