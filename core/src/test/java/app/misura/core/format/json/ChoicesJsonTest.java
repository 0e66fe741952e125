package app.misura.core.format.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.form.OrderForms;
import app.misura.core.garment.Choices;
import org.junit.jupiter.api.Test;

class ChoicesJsonTest {
    private static Choices read(String choices) throws JsonRefused {
        String sheet = "{\"misura\":\"sheet/1\",\"form\":\"leg-warmer\",\"readings\":[],\"choices\":" + choices + "}";
        return new SheetJson(OrderForms.shipped())
                .readWithChoices(JsonText.parse(sheet))
                .choices();
    }

    @Test
    void whatLiesDeeperIsReadWhereItLies() throws JsonRefused {
        Choices choices =
                read("{\"foldsMm\":30,\"cloth\":{\"testedAcross\":0.5,\"hang\":{\"grams\":500,\"widthMm\":50}}}");
        assertThat(choices.number("folds")).hasValue(30);
        assertThat(choices.number("tested-across")).hasValue(0.5);
        assertThat(choices.number("hang-load")).hasValue(500);
        assertThat(choices.number("hang-longer")).isEmpty();
    }

    @Test
    void whatIsWrittenIsReadBackTheSame() throws JsonRefused {
        Choices choices = read("{\"cloth\":{\"hang\":{\"grams\":500}}}");
        assertThat(ChoicesJson.stored(ChoicesJson.write(choices), choices.sheet(), read("{}")))
                .isEqualTo(choices);
    }

    @Test
    void aFaultIsSaidAtItsPlace() {
        assertThatThrownBy(() -> read("{\"cloth\":{\"hang\":{\"grams\":1,\"tons\":2},\"moon\":3}}"))
                .isInstanceOfSatisfying(
                        JsonRefused.class,
                        no -> assertThat(no.faults().stream().map(JsonFault::path))
                                .containsExactlyInAnyOrder(
                                        "/choices/cloth/hang/grams",
                                        "/choices/cloth/hang/tons",
                                        "/choices/cloth/moon"));
    }
}
