package app.misura.core.format.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A document is read to its end, whatever is wrong with it, and every fault has its place. */
class JsonInTest {
    private static JsonIn read(String json) {
        try {
            return JsonIn.document(JsonText.parse(json), "test");
        } catch (JsonRefused e) {
            throw new AssertionError(e);
        }
    }

    private static List<String> faults(JsonIn in) {
        return in.faults().stream().map(f -> f.path() + " " + f.message()).toList();
    }

    @Test
    void whatIsThereIsRead() throws JsonRefused {
        JsonIn in = read(
                "{\"misura\":\"test\",\"a\":\"x\",\"n\":2.5,\"i\":3,\"o\":{\"k\":\"v\"},\"l\":[{\"t\":\"1\"},{\"t\":\"2\"}]}");
        assertThat(in.text("a")).isEqualTo("x");
        assertThat(in.number("n")).isEqualTo(2.5);
        assertThat(in.whole("i")).isEqualTo(3);
        assertThat(in.object("o").text("k")).isEqualTo("v");
        assertThat(in.list("l", each -> each.text("t"))).containsExactly("1", "2");
        in.finish();
        assertThat(in.faults()).isEmpty();
    }

    @Test
    void whatIsAbsentHasItsFallback() throws JsonRefused {
        JsonIn in = read("{\"misura\":\"test\",\"nothing\":null}");
        assertThat(in.textOrNull("nothing")).isNull();
        assertThat(in.has("nothing")).isFalse();
        assertThat(in.text("a", "usual")).isEqualTo("usual");
        assertThat(in.number("n", 0, 1, 0.5)).isEqualTo(0.5);
        assertThat(in.choice("c", List.of("one", "two"), "two")).isEqualTo("two");
        assertThat(in.numbers("m")).isEmpty();
        assertThat(in.list("l", each -> each.text("t"))).isEmpty();
        in.finish();
    }

    @Test
    void everyFaultIsNamedWithItsPlace() {
        JsonIn in = read(
                "{\"misura\":\"test\",\"a\":1,\"n\":\"2\",\"w\":2.5,\"b\":99,\"c\":\"three\",\"l\":{},\"m\":{\"x\":\"y\"},"
                        + "\"o\":[],\"deep\":[{\"t\":true}]}");
        in.text("a");
        in.number("n");
        in.whole("w");
        in.number("b", 0, 10, 5);
        in.choice("c", List.of("one", "two"), "one");
        in.list("l", each -> each);
        in.numbers("m");
        in.object("o");
        in.list("deep", each -> each.text("t"));
        in.text("gone");
        assertThat(faults(in))
                .containsExactly(
                        "/a must be a text",
                        "/n must be a number",
                        "/w must be a whole number",
                        "/b must lie between 0 and 10, not 99",
                        "/c must be one of [one, two], not \"three\"",
                        "/l must be a list",
                        "/m/x must be a number",
                        "/o must be an object",
                        "/deep/0/t must be a text",
                        "/gone is missing");
    }

    @Test
    void keysNobodyAskedForAreNamedWithThoseThereAre() {
        JsonIn in = read("{\"misura\":\"test\",\"a\":\"x\",\"size/wide\":1}");
        in.text("a");
        JsonRefused refused = catchThrowableOfType(JsonRefused.class, in::finish);
        assertThat(refused.why()).isEqualTo(JsonRefused.Why.WRONG);
        assertThat(refused.faults())
                .containsExactly(new JsonFault("/size~1wide", "is not known here; known are [misura, a]"));
    }

    @Test
    void aDocumentOfAnotherKindIsRefused() {
        assertThat(faults(read("{\"misura\":\"sheet\"}")))
                .containsExactly("/misura this is \"sheet\"; here \"test\" is taken");
        assertThat(faults(read("{}"))).containsExactly("/misura is missing");
        assertThat(faults(read("[]"))).containsExactly(" must be an object");
    }

    @Test
    void aLongTextIsNotRepeatedWhole() {
        JsonIn in = read("{\"misura\":\"test\",\"c\":\"" + "x".repeat(5000) + "\"}");
        in.choice("c", List.of("one"), "one");
        assertThat(faults(in).get(0)).hasSizeLessThan(200);
    }

    private record Written(String misura, String a, double n, List<Integer> l) {}

    @Test
    void whatIsWrittenIsReadBackTheSame() throws JsonRefused {
        String text = JsonText.write(new Written("test", "Ærø \"quoted\" <b>", 2.5, List.of(1, 2)));
        JsonIn in = read(text);
        assertThat(in.text("a")).isEqualTo("Ærø \"quoted\" <b>");
        assertThat(in.number("n")).isEqualTo(2.5);
        assertThat(text).startsWith("{\"misura\":\"test\"");
    }
}
