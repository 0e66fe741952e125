package app.misura.core.resource;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.dataformat.yaml.YAMLFactory;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** The texts that ship with the core, and their reading as documents. */
public final class Shipped {
    private static final String FOLDER = "/app/misura/core/";
    private static final YAMLMapper YAML = YAMLMapper.builder(YAMLFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private Shipped() {}

    /** @param name as in {@code forms/index.yaml} @throws IllegalArgumentException if there is no such text */
    public static String text(String name) {
        try (InputStream in = Shipped.class.getResourceAsStream(FOLDER + name)) {
            if (in == null) {
                throw new IllegalArgumentException("nothing ships by the name " + name);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A shipped text as a document. */
    public static <T> T yaml(String name, Class<T> type) {
        return parse(text(name), name, type);
    }

    /**
     * A text as a document.
     *
     * @param name what it is called where it is wrong
     * @throws IllegalArgumentException saying where it is wrong
     */
    public static <T> T parse(String text, String name, Class<T> type) {
        try {
            return YAML.readValue(text, type);
        } catch (JacksonException wrong) {
            throw new IllegalArgumentException(name + ": " + wrong.getOriginalMessage(), wrong);
        }
    }
}
