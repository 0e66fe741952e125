package app.misura.web.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.SQLErrorCodeSQLExceptionTranslator;

/**
 * Forces what was committed to the disk. Without it a commit lies in the memory of the machine for up to half a minute, and a
 * power cut takes it along.
 */
final class Disk {
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
                // looked at before: what others begin to write meanwhile is not forced by this
                long version = version(connection.unwrap(JdbcConnection.class));
                try (Statement statement = connection.createStatement()) {
                    statement.execute("CHECKPOINT SYNC");
                }
                commits.reached(version);
            }
        } catch (SQLException e) {
            throw new SQLErrorCodeSQLExceptionTranslator(source).translate("force to disk", null, e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            DataSourceUtils.releaseConnection(connection, source);
        }
    }

    private static long version(JdbcConnection connection) {
        return ((SessionLocal) connection.getSession())
                .getDatabase()
                .getStore()
                .getMvStore()
                .getCurrentVersion();
    }
}
