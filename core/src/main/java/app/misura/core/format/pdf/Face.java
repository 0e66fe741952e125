package app.misura.core.format.pdf;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Objects;

/**
 * A face that ships with the core, as papers use it: letter by letter. A pair of letters that is set as one sign is read back
 * as another letter, or as none, by whoever copies or listens to the paper.
 */
final class Face {
    /** Where the table of tables begins in a font file, and how long each of its lines is. */
    private static final int DIRECTORY = 12;

    private static final int LINE = 16;
    private static final byte[] JOINS = "GSUB".getBytes(StandardCharsets.US_ASCII);
    private static final byte[] NOBODYS = "none".getBytes(StandardCharsets.US_ASCII);

    private Face() {}

    /** @param file such as {@code SourceSans3-Regular.ttf} */
    static InputStream open(String file) {
        try (InputStream in = Face.class.getResourceAsStream("/app/misura/core/fonts/" + file)) {
            return new ByteArrayInputStream(
                    unjoined(Objects.requireNonNull(in, file).readAllBytes()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The same font without the table that joins letters: nobody looks for a table of that name. */
    private static byte[] unjoined(byte[] font) {
        ByteBuffer buffer = ByteBuffer.wrap(font);
        int tables = buffer.getShort(4);
        for (int i = 0; i < tables; i++) {
            int at = DIRECTORY + i * LINE;
            if (ByteBuffer.wrap(font, at, JOINS.length).equals(ByteBuffer.wrap(JOINS))) {
                System.arraycopy(NOBODYS, 0, font, at, NOBODYS.length);
            }
        }
        return font;
    }
}
