package app.misura.core.format.json;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KeptChoicesTest {
    private static final List<Garment> BOTH =
            Garments.shipped().allOf(OrderForms.shipped().get("tunic"));
    private static final Garment TUNIC = BOTH.get(0);
    private static final Garment TROUSERS = BOTH.get(1);

    private static Choices usual(Garment garment) {
        return garment.choices().usual(Map.of());
    }

    @Test
    void eachGarmentOfASheetKeepsItsOwnChoices() {
        KeptChoices kept = KeptChoices.read("", BOTH)
                .with(usual(TUNIC).with("fit", "flowing"))
                .turnedTo("trousers-tied")
                .with(usual(TROUSERS).with("folds", 30));
        KeptChoices again = KeptChoices.read(kept.write(BOTH), BOTH);
        assertThat(again.garment()).isEqualTo("trousers-tied");
        assertThat(again.choices(TROUSERS, usual(TROUSERS)).numberOr0("folds")).isEqualTo(30);
        assertThat(again.turnedTo("tunic").choices(TUNIC, usual(TUNIC)).word("fit"))
                .isEqualTo("flowing");
    }

    @Test
    void whatWasKeptBeforeIsOfTheFirstGarment() {
        String alone = ChoicesJson.write(usual(TUNIC).with("fit", "flowing"));
        KeptChoices kept = KeptChoices.read(alone, BOTH);
        assertThat(kept.garment()).isEqualTo("tunic");
        assertThat(kept.choices(TUNIC, usual(TUNIC)).word("fit")).isEqualTo("flowing");
        assertThat(kept.turnedTo("trousers-tied").choices(TROUSERS, usual(TROUSERS)))
                .isEqualTo(usual(TROUSERS));
    }

    @Test
    void whereOneGarmentIsCutItsChoicesAreWrittenAlone() {
        List<Garment> one = List.of(TUNIC);
        Choices chosen = usual(TUNIC).with("fit", "flowing");
        assertThat(KeptChoices.read("", one).with(chosen).write(one)).isEqualTo(ChoicesJson.write(chosen));
    }

    @ParameterizedTest
    @ValueSource(strings = {"no json", "[]", "{\"of\":3}", "{\"garment\":\"gone\",\"of\":{\"gone\":\"{}\"}}"})
    void nothingStoredMakesAnOrderUnreadable(String stored) {
        KeptChoices kept = KeptChoices.read(stored, BOTH);
        assertThat(kept.garment()).isEqualTo("tunic");
        assertThat(kept.choices(TUNIC, usual(TUNIC))).isEqualTo(usual(TUNIC));
    }
}
