package app.misura.web.store;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;
import org.h2.mvstore.MVStoreTool;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Writes the data anew, so that what was deleted is not in their file any more. Meanwhile those who ask for something wait:
 * a moment in a small house, some seconds in a large one.
 */
@Service
public class Compacting implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Compacting.class);
    private static final long PATIENCE_MS = 10_000;

    private final HikariDataSource source;
    private final DataFolder folder;
    private final String scheme;
    private final ExecutorService hand = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "compacting");
        thread.setDaemon(true);
        return thread;
    });
    private final AtomicBoolean wanted = new AtomicBoolean();
    private volatile @Nullable String failure;

    Compacting(
            HikariDataSource source,
            DataFolder folder,
            @org.springframework.beans.factory.annotation.Value("${misura.files}") String scheme) {
        this.source = source;
        this.folder = folder;
        this.scheme = scheme;
    }

    /** Begins soon, behind the answer that is waited for now; several wishes at once are one. */
    public void begin() {
        if (wanted.compareAndSet(false, true)) {
            hand.execute(this::compact);
        }
    }

    /** Why the last one could not be done, in a sentence; null if it could. */
    public @Nullable String failure() {
        return failure;
    }

    void compact() {
        wanted.set(false);
        HikariPoolMXBean pool = source.getHikariPoolMXBean();
        pool.suspendPool();
        try {
            pool.softEvictConnections();
            long until = System.nanoTime() + PATIENCE_MS * 1_000_000;
            while (pool.getTotalConnections() > 0 && System.nanoTime() < until) {
                Thread.sleep(5);
                pool.softEvictConnections();
            }
            if (pool.getTotalConnections() > 0) {
                throw new IOException("somebody works without an end");
            }
            folder.commits().forget();
            String name = (scheme.equals("file") ? "" : scheme + ":") + folder.data();
            writeAnew(name, pool, until);
            failure = null;
        } catch (IOException | MVStoreException e) {
            failure = "What was deleted is still in the file of the data: it could not be written anew ("
                    + e.getMessage() + "). Start the house anew and delete once more.";
            LOG.error("{}", failure);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            pool.resumePool();
        }
    }

    /** The last connection closes the database behind its back; until it has, the file is locked. */
    private static void writeAnew(String name, HikariPoolMXBean pool, long until) throws InterruptedException {
        while (true) {
            try {
                MVStoreTool.compact(name, false);
                return;
            } catch (MVStoreException e) {
                if (e.getErrorCode() != DataUtils.ERROR_FILE_LOCKED || System.nanoTime() > until) {
                    throw e;
                }
                // one that was being opened when the pool was told to stop came after all
                pool.softEvictConnections();
                Thread.sleep(10);
            }
        }
    }

    @Override
    public void close() {
        hand.shutdown();
    }
}
