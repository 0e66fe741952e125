package app.misura.core.format.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** JSON text to a tree and back: UTF-8 only, no duplicate keys, at most 100 deep, numbers finite and at most 100 digits. */
public final class JsonText {
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(100)
                            .maxNumberLength(100)
                            .build())
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();
    private static final JsonMapper PRETTY =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private JsonText() {}

    /** @throws JsonRefused if it is no such text */
    public static JsonNode parse(byte[] utf8) throws JsonRefused {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(utf8))
                    .toString();
        } catch (CharacterCodingException e) {
            throw unreadable("the text is not UTF-8");
        }
        return parse(text);
    }

    /** @throws JsonRefused if it is no such text */
    public static JsonNode parse(String text) throws JsonRefused {
        try {
            JsonNode tree = MAPPER.readTree(text);
            if (tree == null || tree.isMissingNode()) {
                throw unreadable("the body is empty");
            }
            if (!isFinite(tree)) {
                throw unreadable("a number is too large to be one");
            }
            return tree;
        } catch (JacksonException e) {
            throw unreadable(place(e));
        }
    }

    private static String place(JacksonException e) {
        String what = e.getOriginalMessage() == null ? "not JSON" : e.getOriginalMessage();
        String said = what.contains("Duplicate")
                ? "a key is there twice"
                : what.contains("nesting depth")
                        ? "it is nested deeper than 100"
                        : what.contains("Number value length")
                                ? "a number has more than 100 digits"
                                : "this is not JSON";
        return e.getLocation() == null
                ? said
                : said + ", at line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }

    private static boolean isFinite(JsonNode node) {
        if (node.isNumber()) {
            return Double.isFinite(node.doubleValue());
        }
        for (JsonNode child : node) {
            if (!isFinite(child)) {
                return false;
            }
        }
        return true;
    }

    private static JsonRefused unreadable(String message) {
        return new JsonRefused(JsonRefused.Why.UNREADABLE, List.of(new JsonFault("", message)));
    }

    /** One line. Keys stand in the map's order, so the output is the same every time. */
    public static String write(@Nullable Object tree) {
        return MAPPER.writeValueAsString(tree);
    }

    /** The same over several lines, for people and for files. */
    public static String pretty(Object tree) {
        return PRETTY.writeValueAsString(tree).replace("\r\n", "\n") + "\n";
    }
}
