package app.misura.core.format.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import org.junit.jupiter.api.Test;

class ReadingJsonTest {
    private static Sheet read(String form, String readings) throws JsonRefused {
        return new SheetJson(OrderForms.shipped())
                .read(JsonText.parse(
                        "{\"misura\":\"sheet/1\",\"form\":\"" + form + "\",\"readings\":[" + readings + "]}"));
    }

    @Test
    void aHeightOfAMarkIsAReadingOfTheMarksStep() throws JsonRefused {
        Sheet sheet = read("race-suit", "{\"step\":\"P1\",\"aux\":\"waist-height-side\",\"text\":\"40 1/2\"}");
        Reading only = sheet.readings().get(0);
        assertThat(only.step()).isEqualTo("P1b");
        ReadingDoc written = ReadingDoc.of(only, sheet.form());
        assertThat(written.step()).isEqualTo("P1");
        assertThat(written.aux()).isEqualTo("waist-height-side");
        assertThat(written.measure()).isEqualTo("waist-height-side");
    }

    @Test
    void aHeightThatAMarkDoesNotHaveIsRefusedAtItsPlace() {
        assertThatThrownBy(() -> read("race-suit", "{\"step\":\"P1\",\"aux\":\"height\",\"text\":\"40\"}"))
                .isInstanceOfSatisfying(
                        JsonRefused.class,
                        no -> assertThat(no.faults().stream().map(JsonFault::path))
                                .containsExactly("/readings/0/aux"));
        assertThatThrownBy(() -> read("race-suit", "{\"step\":\"P1\",\"text\":\"40\"}"))
                .isInstanceOfSatisfying(
                        JsonRefused.class,
                        no -> assertThat(no.faults().get(0).message()).contains("P1 is a mark"));
    }

    @Test
    void ofAStepWithTwoConditionsTheReadingSaysWhich() throws JsonRefused {
        Sheet sheet = read(
                "foam-suit",
                "{\"step\":\"U3\",\"text\":\"104\",\"condition\":{\"breath\":\"in\"}},"
                        + "{\"step\":\"U3\",\"text\":\"98\",\"condition\":{\"breath\":\"out\"}}");
        assertThat(sheet.readings()).extracting(Reading::step).containsExactly("U3a", "U3b");
        assertThatThrownBy(() -> read("foam-suit", "{\"step\":\"U3\",\"text\":\"104\"}"))
                .isInstanceOf(JsonRefused.class);
    }

    /** What the tape showed is kept; what the form adds is in the value. */
    @Test
    void whatAFormAddsIsInTheValueAndNotInTheReading() throws JsonRefused {
        Sheet inches = read("riding-jacket", "{\"step\":\"B1\",\"text\":\"18\"}");
        assertThat(inches.readings().get(0).length()).isEqualTo(Length.of("18", Unit.INCH));
        assertThat(Sheet.length(inches.settled(), ValueId.of("B1"))).contains(Length.of("19.75", Unit.INCH));
        assertThat(OrderForms.shipped()
                        .get("riding-jacket")
                        .in(Unit.CM)
                        .step("B1")
                        .adds())
                .as("1 3/4 in on the other tape")
                .isEqualTo(Length.of("4.5", Unit.CM));
    }

    @Test
    void theGarmentIsNamedWhereAFormHasSeveral() throws JsonRefused {
        String sheet = "{\"misura\":\"sheet/1\",\"form\":\"tunic\",\"readings\":[],\"garment\":\"%s\"}";
        SheetJson reader = new SheetJson(OrderForms.shipped());
        assertThat(reader.readWithChoices(JsonText.parse(sheet.formatted("trousers-tied")))
                        .garment()
                        .id())
                .isEqualTo("trousers-tied");
        assertThatThrownBy(() -> reader.readWithChoices(JsonText.parse(sheet.formatted("moon"))))
                .isInstanceOfSatisfying(
                        JsonRefused.class,
                        no -> assertThat(no.faults().get(0).message()).contains("[tunic, trousers-tied]"));
    }
}
