package app.misura.web.store;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.jspecify.annotations.Nullable;

/**
 * How far the data had come when the last answer was given, in a file beside them. A damaged block makes the database go back
 * to the state before it without a word; then the data have come less far than this says, and that is said.
 *
 * <p>The number is written after the data are on the disk, and is never ahead of them. Safe for many at once.
 */
final class Commits implements AutoCloseable {
    private final Path file;
    private @Nullable FileChannel channel;
    private long last;

    Commits(Path file) {
        this.file = file;
    }

    /**
     * Looks whether the data can be read, and have come as far as was answered for; changes nothing.
     *
     * @param copies where the data were copied aside; null if they were not
     */
    void check(Path data, @Nullable Path copies) throws IOException {
        long version = version(data, copies);
        long answered = Files.exists(file) ? read() : 0;
        if (version < answered) {
            throw new Unusable("The data in " + data + " lack what was kept last (state " + version + " of " + answered
                    + "): a block of the file is damaged, or an older file was put in its place. The file is as it was."
                    + hint(copies)
                    + " Bring a copy back with bin/restore into a new folder; or, to go on without what is"
                    + " lacking, delete " + file + " and start again.");
        }
        last = answered;
    }

    private static String hint(@Nullable Path copies) {
        return copies == null ? "" : " A copy of it lies in " + copies + ".";
    }

    private static long version(Path data, @Nullable Path copies) {
        try (MVStore store =
                new MVStore.Builder().fileName(data.toString()).readOnly().open()) {
            return store.getCurrentVersion();
        } catch (MVStoreException | IllegalStateException | IllegalArgumentException e) {
            throw new Unusable(
                    "The data file " + data + " is damaged, or is none of Misura's: it cannot be read. It is as it was."
                            + hint(copies) + " Bring a copy back with bin/restore into a new folder.",
                    e);
        }
    }

    private long read() throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        return bytes.length < Long.BYTES ? 0 : ByteBuffer.wrap(bytes).getLong();
    }

    /** Notes how far the data are on the disk. */
    synchronized void reached(long version) throws IOException {
        if (version <= last) {
            return;
        }
        FileChannel open = channel;
        if (open == null || !open.isOpen()) {
            open = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            channel = open;
        }
        open.write(ByteBuffer.allocate(Long.BYTES).putLong(version).flip(), 0);
        last = version;
    }

    /** Before the data are written anew from their beginning. */
    synchronized void forget() throws IOException {
        close();
        Files.deleteIfExists(file);
        last = 0;
    }

    @Override
    public synchronized void close() {
        try {
            FileChannel open = channel;
            if (open != null) {
                open.close();
            }
        } catch (IOException e) {
            // what it says is not ahead of the data
        }
        channel = null;
    }
}
