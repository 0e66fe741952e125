package app.misura.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.house.HouseTables;
import app.misura.core.proof.Proof;
import app.misura.core.reading.MadeUp;
import app.misura.core.reading.Sheet;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A row of a garment's table that goes by a measure which was not read is refused by its step, and never left out. */
class RowsTest {
    @ParameterizedTest
    @CsvSource({"occasion-dress, occasion-dress, D1", "riding-jacket, riding-jacket, M5"})
    void aRowThatWantsAMeasureSaysWhich(String garment, String form, String step) {
        Garment made = Garments.shipped().find(garment).orElseThrow();
        Sheet whole = new MadeUp(4)
                .sheet(OrderForms.shipped().get(form), Map.of("action-back", "none"), HouseTables.shipped());
        Sheet without = new Sheet(
                whole.form(),
                whole.wearer(),
                whole.answers(),
                whole.readings().stream().filter(r -> !r.step().equals(step)).toList());
        Cutting.Result result =
                Cutting.of(Proof.of(without), made, made.choices().usual(without.answers()));
        assertThat(Cutting.of(Proof.of(whole), made, made.choices().usual(whole.answers())))
                .isInstanceOf(Cutting.Cut.class);
        assertThat(result)
                .isInstanceOfSatisfying(
                        Cutting.Missing.class,
                        missing -> assertThat(missing.steps()).contains(step));
    }
}
