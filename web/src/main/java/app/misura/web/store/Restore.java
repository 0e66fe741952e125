package app.misura.web.store;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** Brings a backup back into a folder that is missing or empty; it is looked through whole before anything is written. */
final class Restore {
    private final Path file;
    private final Path folder;

    private Restore(Path file, Path folder) {
        this.file = file;
        this.folder = folder;
    }

    /**
     * @return what was brought back
     * @throws Unusable with the sentence to be said; the folder is then as it was
     */
    static Manifest into(Path folder, Path file, int schema) {
        try {
            return new Restore(file, folder).restore(schema);
        } catch (ZipException | IllegalArgumentException e) {
            throw new Unusable("The backup " + file + " is damaged. Nothing was written.", e);
        } catch (IOException e) {
            throw new Unusable("The backup cannot be brought back: " + e.getMessage() + ".", e);
        }
    }

    private Manifest restore(int schema) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new Unusable("There is no file " + file + ".");
        }
        requireEmpty();
        Manifest manifest = check();
        if (manifest.schema() > schema) {
            throw new Unusable("This backup was made by a newer Misura (its tables are version " + manifest.schema()
                    + ", this program knows " + schema + "). Bring it back with that one. Nothing was written.");
        }
        boolean made = !Files.exists(folder);
        Files.createDirectories(folder);
        DataFolder.ownersOnly(folder, "rwx------");
        Path half = folder.resolve(Manifest.DATA + ".part");
        try (ZipInputStream zip = open()) {
            skipTo(zip, Manifest.DATA);
            Files.copy(zip, half, StandardCopyOption.REPLACE_EXISTING);
            DataFolder.ownersOnly(half, "rw-------");
            try (FileChannel written = FileChannel.open(half, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(half, folder.resolve(Manifest.DATA), StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(half);
            if (made && isEmpty()) {
                Files.deleteIfExists(folder);
            }
        }
        return manifest;
    }

    private boolean isEmpty() throws IOException {
        try (Stream<Path> there = Files.list(folder)) {
            return there.findAny().isEmpty();
        }
    }

    /** What a restore left that was killed does not count. */
    private void requireEmpty() throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        if (!Files.isDirectory(folder)) {
            throw new Unusable(folder + " is a file. Say a folder that is missing or empty.");
        }
        try (Stream<Path> there = Files.list(folder)) {
            if (there.anyMatch(f -> !f.getFileName().toString().endsWith(".part"))) {
                throw new Unusable("The folder " + folder
                        + " is not empty. Say one that is missing or empty; nothing was" + " written.");
            }
        }
    }

    private ZipInputStream open() throws IOException {
        return new ZipInputStream(new BufferedInputStream(Files.newInputStream(file)));
    }

    private static void skipTo(ZipInputStream zip, String name) throws IOException {
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            if (entry.getName().equals(name)) {
                return;
            }
        }
        throw Manifest.foreign();
    }

    /** Reads it to its end: what it says of itself must be so. */
    private Manifest check() throws IOException {
        Manifest manifest;
        try (ZipInputStream zip = open()) {
            skipTo(zip, Manifest.NAME);
            manifest = Manifest.read(zip);
        }
        try (ZipInputStream zip = open()) {
            skipTo(zip, Manifest.DATA);
            InputStream data = zip;
            if (!Manifest.digest(data).equals(manifest.sha256())) {
                throw new Unusable("The backup " + file
                        + " is damaged: its data are not what it says they are. Nothing was" + " written.");
            }
        }
        return manifest;
    }

    /** The number of the last migration that this program knows. */
    static int knownSchema(Clock clock) {
        return org.flywaydb.core.Flyway.configure()
                .dataSource("jdbc:h2:mem:known-" + clock.millis(), "sa", "")
                .locations("classpath:db/migration")
                .load()
                .info()
                .pending()
                .length;
    }
}
