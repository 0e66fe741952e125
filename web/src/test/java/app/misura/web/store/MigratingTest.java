package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.reading.Taking;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tables are brought up to date by a start that was killed anywhere in the middle, once it is started once more. */
class MigratingTest {
    /** The first migrations are several statements each. */
    private static final int SEVERAL = 8;

    /** Those up to here were killed at each statement before they landed, and are never edited: they are killed anew on request. */
    private static final int LANDED = 79;

    private static final boolean EVERY = Boolean.getBoolean("misura.kills.every");

    @TempDir
    private Path path;

    private List<Path> migrations;

    @BeforeEach
    void migrations() throws Exception {
        Path folder = Path.of(MigratingTest.class.getResource("/db/migration").toURI());
        try (Stream<Path> files = Files.list(folder)) {
            migrations = files.sorted(Comparator.comparingInt(
                            f -> Integer.parseInt(f.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"))))
                    .toList();
        }
    }

    private String url(String name) {
        return "jdbc:h2:file:" + path.resolve(name);
    }

    private void start(String name, String target) {
        Flyway flyway = Flyway.configure()
                .dataSource(url(name), "sa", "")
                .locations("classpath:db/migration")
                .target(target)
                .load();
        try (DataFolder folder = DataFolder.open(path.resolve("folder-" + name), Clock.systemUTC())) {
            new Migrating(folder, Clock.systemUTC()).migrate(flyway);
        }
    }

    private List<String> tables(String name) throws SQLException {
        List<String> columns = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(url(name), "sa", "");
                ResultSet found = connection
                        .createStatement()
                        .executeQuery("select table_name, column_name, data_type, character_maximum_length, is_nullable"
                                + " from information_schema.columns where table_schema = 'PUBLIC'"
                                + " and table_name <> 'flyway_schema_history' order by 1, 2")) {
            while (found.next()) {
                columns.add(found.getString(1) + "." + found.getString(2) + " " + found.getString(3) + " "
                        + found.getString(4) + " " + found.getString(5));
            }
        }
        return columns;
    }

    private static List<String> statements(Path migration) throws IOException {
        String text = Files.readString(migration, StandardCharsets.UTF_8).replaceAll("(?m)^--.*$", "");
        return Arrays.stream(text.split(";"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    @Test
    void aStartThatWasKilledInAMigrationIsStartedOnceMore() throws Exception {
        start("whole", "latest");
        List<String> whole = tables("whole");
        int kills = 0;
        for (Path migration : migrations) {
            String version = migration.getFileName().toString().replaceAll("V(\\d+)__.*", "$1");
            boolean old = Integer.parseInt(version) > SEVERAL && Integer.parseInt(version) <= LANDED;
            if (old && !EVERY) {
                continue;
            }
            String before = String.valueOf(Integer.parseInt(version) - 1);
            List<String> statements = statements(migration);
            for (int done = 1; done <= statements.size(); done++) {
                String name = "killed-" + version + "-" + done;
                start(name, before.equals("0") ? "1" : before);
                try (Connection connection = DriverManager.getConnection(url(name), "sa", "")) {
                    if (before.equals("0")) {
                        connection
                                .createStatement()
                                .execute("drop table mark_set, strike, reading, garment_order, client, account cascade;"
                                        + "delete from \"flyway_schema_history\" where \"version\" = '1'");
                    }
                    for (String statement : statements.subList(0, done)) {
                        connection.createStatement().execute(statement);
                    }
                }
                start(name, "latest");
                assertThat(tables(name)).as(name).isEqualTo(whole);
                kills++;
            }
        }
        assertThat(kills).isGreaterThanOrEqualTo(SEVERAL);
    }

    /** Of the migrations from here on, each is one statement: none is ever half done. */
    @Test
    void laterMigrationsAreOneStatementEach() throws IOException {
        for (Path migration : migrations) {
            String version = migration.getFileName().toString().replaceAll("V(\\d+)__.*", "$1");
            if (Integer.parseInt(version) > SEVERAL) {
                assertThat(statements(migration)).as(migration.toString()).hasSize(1);
            }
        }
    }

    /** What helped, whose hand, how surely and from where was one text; each text of older data comes to what its reader makes of it. */
    @Test
    void whatAReadingWasTakenWithStandsInItsParts() throws Exception {
        List<String> aids = List.of(
                "steel ruler",
                "so-so",
                "steel ruler; so-so",
                "alone",
                "alone; steel ruler; so-so",
                "helper; simulated tape",
                "simulated tape",
                "alone with a mirror",
                "aloneness",
                "mirror");
        start("parts", "79");
        try (Connection connection = DriverManager.getConnection(url("parts"), "sa", "")) {
            connection.createStatement().execute("set referential_integrity false");
            for (int i = 0; i < aids.size(); i++) {
                connection
                        .createStatement()
                        .execute(
                                "insert into reading (id, order_id, position, step, text, play, taken_at, taken_by, aid)"
                                        + " values ('r" + i + "', 'o', " + i
                                        + ", 'U1', '98', 'SNUG', current_timestamp, 'owner', '"
                                        + aids.get(i) + "')");
            }
        }
        start("parts", "latest");
        try (Connection connection = DriverManager.getConnection(url("parts"), "sa", "");
                ResultSet found = connection
                        .createStatement()
                        .executeQuery("select tool, hand, doubt, origin, round from reading order by position")) {
            for (String aid : aids) {
                assertThat(found.next()).isTrue();
                assertThat(new Taking(
                                found.getString(1),
                                Taking.Hand.valueOf(found.getString(2)),
                                Taking.Doubt.valueOf(found.getString(3)),
                                Taking.Origin.valueOf(found.getString(4))))
                        .as(aid)
                        .isEqualTo(Taking.parse(aid));
                assertThat(found.getInt(5)).isEqualTo(1);
            }
        }
    }

    @Test
    void olderDataAreCopiedBeforeTheirTablesAreChangedAndOrphansGo() throws Exception {
        start("old", "8");
        try (Connection connection = DriverManager.getConnection(url("old"), "sa", "")) {
            for (String each : List.of(
                    "set referential_integrity false",
                    "insert into garment_order values ('o1', 201, 'nobody', 't', 'f', 1, 'cm', 'MEASURING', null, '', '',"
                            + " current_timestamp, 'owner', 0)",
                    "insert into strike values ('gone', 'why', current_timestamp, 'owner')",
                    "insert into mark_set values ('m1', 'gone', 'P1', current_timestamp, 'owner')",
                    "set referential_integrity true")) {
                connection.createStatement().execute(each);
            }
        }
        start("old", "latest");
        try (Connection connection = DriverManager.getConnection(url("old"), "sa", "")) {
            for (String table : List.of("garment_order", "strike", "mark_set")) {
                ResultSet found = connection.createStatement().executeQuery("select count(*) from " + table);
                found.next();
                assertThat(found.getInt(1)).as(table).isZero();
            }
        }
        try (Stream<Path> copies = Files.list(path.resolve("folder-old/copies"))) {
            assertThat(copies.map(f -> f.getFileName().toString()).toList())
                    .singleElement()
                    .asString()
                    .startsWith("before-migration-");
        }
    }

    /** Data whose tables were made by the text as it was before it could be repeated. */
    @Test
    void dataFromBeforeTheTextWasRepeatableGoOn() throws Exception {
        start("older", "8");
        try (Connection connection = DriverManager.getConnection(url("older"), "sa", "")) {
            connection
                    .createStatement()
                    .execute("update \"flyway_schema_history\" set \"checksum\" = 17 where \"version\" = '1'");
        }
        start("older", "latest");
        start("newer", "latest");
        assertThat(tables("older")).isEqualTo(tables("newer"));
    }
}
