package app.misura.web.store;

import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.HexFormat;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;

/**
 * What a backup says of itself.
 *
 * @param schema number of the last migration of its data: an older program cannot read them
 * @param counts rows by table
 * @param size of the data, bytes
 * @param sha256 of the data, hexadecimal
 */
record Manifest(Instant at, int schema, Map<String, Long> counts, long size, String sha256) {
    static final String NAME = "manifest.json";
    static final String DATA = "misura.mv.db";
    private static final String KIND = "backup/1";
    private static final int LONGEST = 100_000;

    private record Document(String misura, String at, int schema, Map<String, Long> counts, long size, String sha256) {}

    byte[] bytes() {
        return JsonText.pretty(new Document(KIND, at.toString(), schema, counts, size, sha256))
                .getBytes(StandardCharsets.UTF_8);
    }

    /** @throws Unusable if it is none */
    static Manifest read(InputStream in) throws IOException {
        byte[] bytes = in.readNBytes(LONGEST);
        try {
            JsonNode root = JsonText.parse(bytes);
            if (!KIND.equals(root.path("misura").asString(""))) {
                throw foreign();
            }
            Map<String, Long> counts = new TreeMap<>();
            root.path("counts")
                    .propertyStream()
                    .forEach(e -> counts.put(e.getKey(), e.getValue().longValue()));
            return new Manifest(
                    Instant.parse(root.path("at").asString("")),
                    root.path("schema").intValue(),
                    counts,
                    root.path("size").longValue(),
                    root.path("sha256").asString(""));
        } catch (JsonRefused | DateTimeParseException e) {
            throw foreign();
        }
    }

    static Unusable foreign() {
        return new Unusable("This is no backup of Misura's. Nothing was written.");
    }

    static String digest(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return digest(in);
        }
    }

    static String digest(InputStream in) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            new DigestInputStream(in, digest).transferTo(java.io.OutputStream.nullOutputStream());
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
