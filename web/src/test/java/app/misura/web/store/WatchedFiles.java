package app.misura.web.store;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/**
 * A disk that can be looked at: what a power cut would leave of each file is what had been written when it was forced last;
 * and the disk may be full.
 */
public final class WatchedFiles extends FilePathWrapper {
    private static final Map<String, byte[]> DURABLE = new ConcurrentHashMap<>();
    private static volatile boolean full;

    static {
        FilePath.register(new WatchedFiles());
    }

    /** Makes {@code watched:} known to the database. */
    public static void use() {
        full = false;
    }

    static void full(boolean now) {
        full = now;
    }

    /** Writes what a power cut would leave of a file now. */
    static void cutPower(Path file, Path to) throws IOException {
        byte[] left = DURABLE.get(file.toString());
        Files.write(to, left == null ? new byte[0] : left);
    }

    @Override
    public String getScheme() {
        return "watched";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new Watched(getBase().toString(), super.open(mode));
    }

    private static final class Watched extends FileBase {
        private final String name;
        private final FileChannel file;

        Watched(String name, FileChannel file) {
            this.name = name;
            this.file = file;
        }

        /** What lies in the file already may be written over; more of it has no room. */
        private void requireRoom(long end) throws IOException {
            if (full && end > file.size()) {
                throw new IOException("No space left on device");
            }
        }

        @Override
        public void force(boolean metaData) throws IOException {
            file.force(metaData);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ByteBuffer block = ByteBuffer.allocate(1 << 16);
            for (long at = 0; at < file.size(); at += block.position()) {
                block.clear();
                if (file.read(block, at) <= 0) {
                    break;
                }
                bytes.write(block.array(), 0, block.position());
            }
            DURABLE.put(name, bytes.toByteArray());
        }

        @Override
        public int read(ByteBuffer to) throws IOException {
            return file.read(to);
        }

        @Override
        public int read(ByteBuffer to, long at) throws IOException {
            return file.read(to, at);
        }

        @Override
        public int write(ByteBuffer from) throws IOException {
            requireRoom(file.position() + from.remaining());
            return file.write(from);
        }

        @Override
        public int write(ByteBuffer from, long at) throws IOException {
            requireRoom(at + from.remaining());
            return file.write(from, at);
        }

        @Override
        public long position() throws IOException {
            return file.position();
        }

        @Override
        public FileChannel position(long at) throws IOException {
            file.position(at);
            return this;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            file.truncate(size);
            return this;
        }

        @Override
        public FileLock tryLock(long at, long size, boolean shared) throws IOException {
            return file.tryLock(at, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
