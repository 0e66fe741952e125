package app.misura.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.format.json.AdjustmentDoc;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.NetworkJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every worked case: a network and the adjustment it must give. */
class ProofCasesTest {
    /** Sums are given to four digits. */
    private static final double SUM = 1e-3;
    /** Errors and suggestions are given to two decimals. */
    private static final double TWO_DECIMALS = 0.01;

    static Stream<Path> cases() throws IOException {
        Path folder = Path.of("src/test/resources/app/misura/core/proof-cases");
        try (Stream<Path> files = Files.list(folder)) {
            return files.sorted().toList().stream();
        }
    }

    @Test
    void thereAreTwentyFiveCases() throws IOException {
        assertThat(cases()).hasSize(25);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void agrees(Path file) throws Exception {
        JsonNode root = JsonText.parse(Files.readAllBytes(file));
        Network network = NetworkJson.read(root.get("network"));
        JsonNode expected = root.get("expected");
        JsonNode actual = JsonText.parse(JsonText.write(AdjustmentDoc.of(network, Adjustment.of(network))));
        List<String> faults = new ArrayList<>();
        compare("", expected, actual, faults);
        assertThat(faults).isEmpty();
    }

    private static void compare(String path, JsonNode expected, JsonNode actual, List<String> faults) {
        if (expected.isNull() && path.endsWith("/sd")) {
            return;
        }
        if (expected.isObject()) {
            if (actual == null || !actual.isObject()) {
                faults.add(path + " should be an object, is " + actual);
                return;
            }
            for (String key : expected.propertyNames()) {
                compare(path + "/" + key, expected.get(key), actual.get(key), faults);
            }
        } else if (path.endsWith("/members") || path.endsWith("/group") || path.endsWith("suspects/0/closures")) {
            if (!texts(expected).equals(texts(actual))) {
                faults.add(path + " expected " + expected + " was " + actual);
            }
        } else if (expected.isArray()) {
            if (expected.size() != actual.size()) {
                faults.add(path + " expected " + expected + " was " + actual);
                return;
            }
            for (int i = 0; i < expected.size(); i++) {
                compare(path + "/" + i, expected.get(i), actual.get(i), faults);
            }
        } else if (expected.isNumber()) {
            boolean coarse = path.endsWith("/error") || path.endsWith("/suggested");
            double tolerance = coarse ? TWO_DECIMALS : SUM;
            double want = expected.doubleValue();
            if (actual == null
                    || !actual.isNumber()
                    || !(Math.abs(actual.doubleValue() - want)
                            <= tolerance * Math.max(1, coarse ? 1 : Math.abs(want) / 100))) {
                faults.add(path + " expected " + expected + " was " + actual);
            }
        } else if (!expected.equals(actual)) {
            faults.add(path + " expected " + expected + " was " + actual);
        }
    }

    private static Set<String> texts(JsonNode list) {
        Set<String> texts = new TreeSet<>();
        list.forEach(n -> texts.add(n.stringValue()));
        return texts;
    }

    @Test
    void misclosureIsExact() throws Exception {
        Network network = new Network(
                Network.Settings.USUAL,
                List.of(new Network.Measure("a", 42.5, 0.5, 0.5), new Network.Measure("b", 40.0, 0.5, 0.5)),
                List.of(new Network.Closure("c", java.util.Map.of("a", 1.0, "b", -1.0), 0, 0.5)));
        assertThat(Adjustment.of(network).closures().get(0).misclosure()).isEqualTo(2.5, within(1e-12));
    }
}
