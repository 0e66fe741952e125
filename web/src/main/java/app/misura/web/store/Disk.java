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

    Disk(DataSource source, Commits commits) {
        this.source = source;
        this.commits = commits;
    }

    /** Forces all commits so far, over the connection of the transaction if there is one. A server of its own does it itself. */
    void force() {
        Connection connection = DataSourceUtils.getConnection(source);
        try {
            if (connection.isWrapperFor(JdbcConnection.class)) {
                try (Statement statement = connection.createStatement()) {
                    statement.execute("CHECKPOINT SYNC");
                }
                commits.reached(version(connection.unwrap(JdbcConnection.class)));
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
