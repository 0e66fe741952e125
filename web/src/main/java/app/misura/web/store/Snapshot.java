package app.misura.web.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * One state of everything, taken while people work, in a file beside the data; it is gone when it is closed.
 *
 * <p>Written out it is a zip of two entries: {@code manifest.json}, which says what the other is and holds its digest, and
 * the data themselves.
 */
final class Snapshot implements AutoCloseable {
    private static final String ENDING = ".mv.db";
    private final Path file;
    private final Manifest manifest;

    private Snapshot(Path file, Manifest manifest) {
        this.file = file;
        this.manifest = manifest;
    }

    /** @param folder where there is room for it, besides the copies that are kept */
    static Snapshot of(Connection house, Path folder, Instant now) throws IOException, SQLException {
        Kept.in(folder);
        Path zipped = Files.createTempFile(folder, "snapshot", ".zip.part");
        Path file = Files.createTempFile(folder, "snapshot", ".part" + ENDING);
        boolean taken = false;
        try {
            DataFolder.ownersOnly(file, "rw-------");
            try (PreparedStatement backup = house.prepareStatement("BACKUP TO ?")) {
                backup.setString(1, zipped.toString());
                backup.execute();
            }
            try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zipped))) {
                for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                    if (entry.getName().endsWith(ENDING)) {
                        Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
                    }
                }
            }
            Snapshot snapshot = new Snapshot(file, manifest(file, now));
            taken = true;
            return snapshot;
        } finally {
            Files.deleteIfExists(zipped);
            if (!taken) {
                Files.deleteIfExists(file);
            }
        }
    }

    private static Manifest manifest(Path file, Instant now) throws IOException, SQLException {
        String name = file.toString();
        String url = "jdbc:h2:file:" + name.substring(0, name.length() - ENDING.length())
                + ";ACCESS_MODE_DATA=r;TRACE_LEVEL_FILE=0;TRACE_LEVEL_SYSTEM_OUT=0";
        try (Connection copy = DriverManager.getConnection(url, "sa", "");
                Statement statement = copy.createStatement()) {
            Map<String, Long> counts = new TreeMap<>();
            for (String table : ReadThrough.tables(statement)) {
                try (ResultSet count = statement.executeQuery("select count(*) from \"" + table + "\"")) {
                    count.next();
                    counts.put(table.toLowerCase(java.util.Locale.ROOT), count.getLong(1));
                }
            }
            return new Manifest(now, schema(statement), counts, Files.size(file), Manifest.digest(file));
        }
    }

    /** The number of the last migration of the data. */
    private static int schema(Statement statement) throws SQLException {
        try (ResultSet last = statement.executeQuery(
                "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"")) {
            last.next();
            return last.getInt(1);
        }
    }

    Manifest manifest() {
        return manifest;
    }

    void write(OutputStream to) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(to);
                InputStream data = Files.newInputStream(file)) {
            zip.putNextEntry(new ZipEntry(Manifest.NAME));
            zip.write(manifest.bytes());
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry(Manifest.DATA));
            data.transferTo(zip);
            zip.closeEntry();
        }
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(file);
    }
}
