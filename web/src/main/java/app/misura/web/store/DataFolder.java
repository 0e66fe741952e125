package app.misura.web.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The folder of a house, held by one server until it is closed. Nobody else on the machine may look into it.
 *
 * <p>While a server holds it there is a file {@code misura.open}; one that is there at the start was left by a server that
 * did not end by itself. Then the data are copied aside as they are, before anything opens them: what opens a damaged file
 * mends it, and cuts off what it cannot read.
 */
public final class DataFolder implements AutoCloseable {
    /** Copies of data that were left open; the eldest go. */
    private static final int COPIES_LEFT_OPEN = 3;

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

    private final Path path;
    private final Clock clock;
    private final Commits commits;
    private @Nullable FileChannel lockFile;
    private @Nullable FileLock lock;
    private boolean leftOpen;

    private DataFolder(Path path, Clock clock) {
        this.path = path;
        this.clock = clock;
        this.commits = new Commits(path.resolve("misura.commits"));
    }

    /**
     * Makes the folder where there is none, and looks whether its data can be opened.
     *
     * @throws Unusable with the sentence to be said, if not; the data are then as they were
     */
    public static DataFolder open(Path path, Clock clock) {
        DataFolder folder = new DataFolder(path.toAbsolutePath().normalize(), clock);
        try {
            folder.open();
            return folder;
        } catch (IOException e) {
            folder.letGo();
            throw new Unusable(
                    "The folder " + folder.path + " cannot be used: " + reason(e) + ". Nothing in it was changed.", e);
        } catch (Unusable e) {
            folder.letGo();
            throw e;
        }
    }

    private void open() throws IOException {
        makeFolder();
        requireFolder();
        hold();
        leftOpen = Files.exists(openMarker());
        clearHalves(path);
        clearHalves(copies());
        if (Files.exists(data())) {
            requireData();
            Path copy = leftOpen ? copyAside() : null;
            commits.check(data(), copy == null ? null : copies());
            if (copy != null) {
                ReadThrough.of(copy, data());
            }
        }
        Files.writeString(openMarker(), String.valueOf(ProcessHandle.current().pid()));
    }

    /** What was half written when a server, a backup or a restore was killed. */
    private static void clearHalves(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path half : files.filter(f -> f.getFileName().toString().contains(".part"))
                    .toList()) {
                Files.deleteIfExists(half);
            }
        }
    }

    private void makeFolder() throws IOException {
        if (!Files.exists(path)) {
            Files.createDirectories(path);
        }
        ownersOnly(path, "rwx------");
    }

    private void requireFolder() {
        if (!Files.isDirectory(path)) {
            throw new Unusable(
                    path + " is a file; the data of a house are kept in a folder. Choose another with --data DIR.");
        }
        if (!Files.isWritable(path)) {
            throw new Unusable(
                    "The folder " + path + " cannot be written by this account. Give it the right to, or choose"
                            + " another with --data DIR.");
        }
    }

    private void requireData() throws IOException {
        if (!Files.isRegularFile(data())) {
            throw new Unusable(data() + " is not a file. Move it away, or bring a copy back with bin/restore.");
        }
        if (!Files.isWritable(data())) {
            throw new Unusable(
                    "The data in " + data() + " can be read but not written by this account. Give it the right to"
                            + " write them; nothing was changed.");
        }
        if (Files.size(data()) == 0) {
            throw new Unusable("The data file " + data() + " is empty: what was in it is gone. Bring a copy back with"
                    + " bin/restore into a new folder, or move the file away to begin an empty house.");
        }
        ownersOnly(data(), "rw-------");
    }

    private void hold() throws IOException {
        FileChannel channel =
                FileChannel.open(path.resolve("misura.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        lockFile = channel;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException e) {
            lock = null;
        }
        if (lock == null) {
            throw new Unusable("Another server has the folder " + path
                    + " open. End it first, or choose another folder with" + " --data DIR.");
        }
    }

    /** Keeps the data as a server left them that did not end by itself, before anything opens them. */
    private Path copyAside() throws IOException {
        return Kept.in(copies()).add("left-open-" + stamp(clock.instant()) + ".mv.db", COPIES_LEFT_OPEN, data());
    }

    static String stamp(Instant at) {
        return STAMP.format(at);
    }

    /** Only the owner may look in; where the file system knows no owners, that is for whoever sets it up. */
    static void ownersOnly(Path file, String rights) throws IOException {
        if (!Files.getFileStore(file).supportsFileAttributeView("posix")) {
            return;
        }
        Set<java.nio.file.attribute.PosixFilePermission> wanted = PosixFilePermissions.fromString(rights);
        if (!wanted.containsAll(Files.getPosixFilePermissions(file))) {
            try {
                Files.setPosixFilePermissions(file, wanted);
            } catch (IOException e) {
                throw new Unusable(
                        "Others on this machine may look into " + file + ", and this account cannot forbid it. Its"
                                + " owner can: chmod go-rwx " + file,
                        e);
            }
        }
    }

    private static String reason(IOException e) {
        return e instanceof java.nio.file.FileSystemException known && known.getReason() != null
                ? known.getReason()
                : e.getClass().getSimpleName().replace("Exception", "").toLowerCase(Locale.ROOT) + " "
                        + String.valueOf(e.getMessage());
    }

    public Path path() {
        return path;
    }

    /** Where the copies lie that the house makes by itself. */
    public Path copies() {
        return path.resolve("copies");
    }

    /** The file of the data. */
    public Path data() {
        return path.resolve("misura.mv.db");
    }

    private Path openMarker() {
        return path.resolve("misura.open");
    }

    Commits commits() {
        return commits;
    }

    /** Whether the server before this one did not end by itself. */
    public boolean wasLeftOpen() {
        return leftOpen;
    }

    /** Lets the folder go as one that was closed as it should be. */
    @Override
    public void close() {
        try {
            Files.deleteIfExists(openMarker());
        } catch (IOException e) {
            // the next start finds the marker, copies the data aside and looks through them
        }
        letGo();
    }

    private void letGo() {
        commits.close();
        try {
            FileChannel channel = lockFile;
            if (channel != null) {
                channel.close();
            }
        } catch (IOException e) {
            // the lock goes with the process
        }
    }
}
