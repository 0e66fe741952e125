package app.misura.web.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Reads every row of a copy, so that a damaged block is found at the start, and not by whoever needs what was in it. */
final class ReadThrough {
    private static final String ENDING = ".mv.db";
    private static final String USER_TABLES =
            "select table_name from information_schema.tables where table_schema = 'PUBLIC' and table_type = 'BASE TABLE'";

    private ReadThrough() {}

    /**
     * @param copy which is read, and not changed
     * @param of the data that it is a copy of, for the sentence
     * @throws Unusable if something in it cannot be read
     */
    static void of(Path copy, Path of) {
        String file = copy.toString();
        String url = "jdbc:h2:file:" + file.substring(0, file.length() - ENDING.length())
                + ";ACCESS_MODE_DATA=r;LAZY_QUERY_EXECUTION=1;TRACE_LEVEL_FILE=0;TRACE_LEVEL_SYSTEM_OUT=0";
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement statement = connection.createStatement()) {
            for (String table : tables(statement)) {
                read(statement, table);
            }
        } catch (SQLException | IllegalStateException e) {
            throw new Unusable(
                    "The data file " + of
                            + " is damaged: a part of it cannot be read. It is as it was; a copy of it lies in "
                            + copy.getParent() + ". Bring a copy back with bin/restore into a new folder.",
                    e);
        }
    }

    static List<String> tables(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet found = statement.executeQuery(USER_TABLES)) {
            while (found.next()) {
                tables.add(found.getString(1));
            }
        }
        return tables;
    }

    private static void read(Statement statement, String table) throws SQLException {
        try (ResultSet rows = statement.executeQuery("select * from \"" + table + "\"")) {
            int columns = rows.getMetaData().getColumnCount();
            while (rows.next()) {
                for (int at = 1; at <= columns; at++) {
                    rows.getObject(at);
                }
            }
        }
    }
}
