package app.misura.web.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.SQLErrorCodeSQLExceptionTranslator;

/**
 * Forces what was committed to the disk. Without it a commit lies in the memory of the machine for up to half a minute, and a
 * power cut takes it along.
 */
final class Disk {
    /**
     * What is committed is written when it is forced, with all that gathered meanwhile: not each commit by itself, which
     * writes the same pages again and again, and not by a thread beside, of which nobody knows how far it is.
     */
    private static final int GATHERED = -1;

    private final DataSource source;
    private final Commits commits;
    private long asked;
    private long forced;
    private boolean forcing;

    Disk(DataSource source, Commits commits) {
        this.source = source;
        this.commits = commits;
    }

    /**
     * Returns when all commits before the call are on the disk. While one forces, others gather; the next forces for all of
     * them: a disk is slow, and takes a hundred commits at once as it takes one.
     */
    void force() {
        long mine;
        synchronized (this) {
            mine = ++asked;
            while (forcing && forced < mine) {
                await();
            }
            if (forced >= mine) {
                return;
            }
            forcing = true;
            mine = asked;
        }
        boolean done = false;
        try {
            forceNow();
            done = true;
        } finally {
            synchronized (this) {
                forced = done ? Math.max(forced, mine) : forced;
                forcing = false;
                notifyAll();
            }
        }
    }

    private void await() {
        try {
            wait();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("broken off before it was on the disk", e);
        }
    }

    /** Over the connection of the transaction if there is one. A server of its own does it itself. */
    private void forceNow() {
        Connection connection = DataSourceUtils.getConnection(source);
        try {
            if (connection.isWrapperFor(JdbcConnection.class)) {
                commits.reached(written(store(connection.unwrap(JdbcConnection.class))));
            }
        } catch (SQLException e) {
            throw new SQLErrorCodeSQLExceptionTranslator(source).translate("force to disk", null, e);
        } catch (MVStoreException e) {
            throw new DataAccessResourceFailureException("The data could not be written: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            DataSourceUtils.releaseConnection(connection, source);
        }
    }

    /**
     * Writes and forces all that was committed. @return how far the data are on the disk: looked at while nobody writes, and
     * before the force, so what others begin to write meanwhile is not said to be there
     */
    private static long written(MVStore store) {
        store.setAutoCommitDelay(GATHERED);
        store.commit();
        AtomicLong version = new AtomicLong();
        store.executeFilestoreOperation(() -> version.set(store.getCurrentVersion()));
        store.sync();
        return version.get();
    }

    private static MVStore store(JdbcConnection connection) {
        return ((SessionLocal) connection.getSession()).getDatabase().getStore().getMvStore();
    }
}
