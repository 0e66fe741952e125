package app.misura.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.GarmentFiles;
import app.misura.core.garment.Line;
import app.misura.core.house.HouseTables;
import app.misura.core.house.MeasureClass;
import app.misura.core.reading.AgeGroup;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StrainTest {
    private static final HouseTables TABLES = HouseTables.shipped();
    private static final MeasureClass LIMB =
            Objects.requireNonNull(TABLES.classes().get("g"));
    private static final MeasureClass LENGTH =
            Objects.requireNonNull(TABLES.classes().get("L"));
    private static final Line.Give.ByStrain USUAL = new Line.Give.ByStrain(List.of());

    private static Garment of(String cloth) {
        return GarmentFiles.read("""
                id: sleeve-cover
                version: 1
                title: Sleeve cover
                forms: [trousers-tailored]
                blocks: []
                cloth: %s
                fits: []
                child: 0.7
                choices: []
                lines:
                  - { name: calf, strain: usual }
                """.formatted(cloth));
    }

    private static Ease ease(Garment garment, Choices choices, AgeGroup age, MeasureClass kind, double around) {
        return new Strain(garment, choices, TABLES, age, 0).of(USUAL, kind, around);
    }

    private static Choices usual(Garment garment) {
        return garment.choices().usual(Map.of());
    }

    @Test
    void knitIsStretchedAsItIsUsuallyWorn() {
        Garment knit = of("knit");
        Ease ease = ease(knit, usual(knit), AgeGroup.ADULT, LIMB, 330);
        assertThat(330 + ease.value()).isEqualTo(330 / 1.10, within(1e-9));
        assertThat(ease.ruledBy()).isEqualTo(Ease.RuledBy.STRETCH);
        assertThat(ease.words()).isEqualTo("stretched by 10.0 %");
        assertThat(ease.presses()).isEqualTo(0.86, within(0.005));
        assertThat(500 + ease(knit, usual(knit), AgeGroup.ADULT, LENGTH, 500).value())
                .isEqualTo(500 / 1.03, within(1e-9));
    }

    @Test
    void neverAboveHalfOfWhatTheClothWasTestedToGive() {
        Garment knit = of("knit");
        Ease ease = ease(knit, usual(knit).with("tested-across", 0.12), AgeGroup.ADULT, LIMB, 330);
        assertThat(330 + ease.value()).isEqualTo(330 / 1.06, within(1e-9));
        assertThat(ease.words()).isEqualTo("stretched by 6.0 %, half of what the cloth gives");
    }

    @ParameterizedTest
    @ValueSource(doubles = {120, 165, 240, 360, 600, 1000})
    void nothingPressesAboveTheCeiling(double around) {
        Garment foam = of("foam");
        Choices stiff = usual(foam)
                .with("hang-load", 500)
                .with("hang-width", 50)
                .with("hang-length", 200)
                .with("hang-longer", 10);
        for (AgeGroup age : AgeGroup.values()) {
            for (Choices choices : List.of(usual(foam), stiff)) {
                Ease ease = ease(foam, choices, age, LIMB, around);
                double ceiling = age == AgeGroup.ADULT ? 15 : 5;
                assertThat(ease.presses()).isPositive().isLessThanOrEqualTo(ceiling + 1e-9);
                assertThat(ease.value()).isNegative();
            }
        }
        Ease wrist = ease(foam, stiff, AgeGroup.CHILD, LIMB, around);
        assertThat(wrist.words().endsWith(", so as to press no more than 5 mmHg"))
                .as("a small girth is held by the ceiling, a large one by the cloth")
                .isEqualTo(wrist.presses() > 5 - 1e-9);
    }

    @Test
    void aClothThatHungOnlyHalfIsAssumed() {
        Garment foam = of("foam");
        assertThat(Pull.of(foam, usual(foam).with("hang-load", 500)))
                .isEqualTo(new Pull(foam.cloth().pull(), false));
    }
}
