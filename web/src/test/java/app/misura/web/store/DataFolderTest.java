package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** What stands in the way of opening a house is found before anything opens it, said in a sentence, and left as it is. */
class DataFolderTest {
    @TempDir
    private Path parent;

    private Path path;
    private Instant now = Instant.parse("2026-05-13T09:00:00Z");

    @BeforeEach
    void folder() {
        path = parent.resolve("house");
    }

    private DataFolder open() {
        return DataFolder.open(path, Clock.fixed(now, ZoneOffset.UTC));
    }

    private void refused(String... words) throws IOException {
        byte[] before = Files.isRegularFile(data()) ? Files.readAllBytes(data()) : new byte[0];
        assertThatThrownBy(this::open).isInstanceOf(Unusable.class).message().contains(words);
        assertThat(Files.isRegularFile(data()) ? Files.readAllBytes(data()) : new byte[0])
                .isEqualTo(before);
    }

    private Path data() {
        return path.resolve("misura.mv.db");
    }

    /** Keeps so many rows, each forced and counted as the house does it. */
    private void keep(DataFolder folder, int rows) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url(), "sa", "")) {
            Disk disk = new Disk(new SingleConnectionDataSource(connection, true), folder.commits());
            connection.createStatement().execute("create table if not exists kept (what varchar(2000))");
            for (int i = 0; i < rows; i++) {
                connection
                        .createStatement()
                        .execute("insert into kept values ('"
                                + String.valueOf((char) ('a' + i % 26)).repeat(900) + "')");
                disk.force();
            }
        }
    }

    @Test
    void aNewFolderIsTheOwnersAlone() throws Exception {
        try (DataFolder folder = open()) {
            keep(folder, 1);
        }
        open().close();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(path)))
                .isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data())))
                .isEqualTo("rw-------");
    }

    @Test
    void oneServerHoldsTheFolder() throws IOException {
        try (DataFolder first = open()) {
            refused("Another server has the folder", "open");
            assertThat(first.wasLeftOpen()).isFalse();
        }
        open().close();
    }

    @Test
    void aFileInPlaceOfTheFolderIsNamed() throws IOException {
        Files.writeString(path, "a letter");
        refused("is a file");
        assertThat(Files.readString(path)).isEqualTo("a letter");
    }

    @Test
    void emptyDataAreNotTakenForANewHouse() throws IOException {
        Files.createDirectories(path);
        Files.createFile(data());
        refused("is empty", "bin/restore");
        assertThat(Files.size(data())).isZero();
    }

    @Test
    void dataOfAnotherKindAreNamed() throws IOException {
        Files.createDirectories(path);
        Files.writeString(data(), "This is no database, but a long letter to a friend. ".repeat(400));
        refused("is damaged, or is none of Misura's");
    }

    @Test
    void whoEndsByItselfLeavesNoCopies() throws Exception {
        try (DataFolder folder = open()) {
            keep(folder, 3);
        }
        try (DataFolder again = open()) {
            assertThat(again.wasLeftOpen()).isFalse();
            assertThat(again.copies()).doesNotExist();
        }
    }

    @Test
    void whatWasLeftOpenIsCopiedAsideAndTheLastThreeAreKept() throws Exception {
        try (DataFolder folder = open()) {
            keep(folder, 3);
        }
        for (int i = 0; i < 5; i++) {
            Files.writeString(path.resolve("misura.open"), "1");
            byte[] left = Files.readAllBytes(data());
            now = now.plusSeconds(60);
            try (DataFolder folder = open()) {
                assertThat(folder.wasLeftOpen()).isTrue();
                try (Stream<Path> copies = Files.list(folder.copies())) {
                    List<Path> all = copies.sorted().toList();
                    assertThat(all).hasSize(Math.min(i + 1, 3));
                    assertThat(Files.readAllBytes(all.get(all.size() - 1))).isEqualTo(left);
                }
                keep(folder, 1);
            }
        }
    }

    /**
     * The database opens a file whose last block is damaged at an earlier state, and cuts off the rest; and one that is
     * damaged in the middle until somebody needs what was there.
     */
    @Test
    void aDamagedBlockStopsTheStartOrTakesNothingAway() throws Exception {
        byte[] killed;
        try (DataFolder folder = open();
                Connection open = DriverManager.getConnection(url(), "sa", "")) {
            keep(folder, 40);
            killed = Files.readAllBytes(data());
        }
        byte[] answered = Files.readAllBytes(path.resolve("misura.commits"));
        int stopped = 0;
        for (int at = 2 * 4096; at < killed.length; at += 4096) {
            byte[] damaged = killed.clone();
            java.util.Arrays.fill(damaged, at, Math.min(at + 4096, killed.length), (byte) 0);
            Files.write(data(), damaged);
            Files.write(path.resolve("misura.commits"), answered);
            Files.writeString(path.resolve("misura.open"), "1");
            now = now.plusSeconds(1);
            try (DataFolder folder = open()) {
                assertThat(rows()).as("block at %d", at).isEqualTo(40);
            } catch (Unusable e) {
                assertThat(e.sentence())
                        .contains("damaged")
                        .contains("bin/restore")
                        .contains("copies");
                assertThat(Files.readAllBytes(data())).isEqualTo(damaged);
                stopped++;
            }
        }
        assertThat(stopped).as("starts that were stopped").isGreaterThan(2);
    }

    private String url() {
        return "jdbc:h2:file:" + path.resolve("misura") + ";WRITE_DELAY=0";
    }

    private int rows() throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                "jdbc:h2:file:" + path.resolve("misura") + ";ACCESS_MODE_DATA=r", "sa", "")) {
            var found = connection.createStatement().executeQuery("select count(*) from kept");
            found.next();
            return found.getInt(1);
        }
    }

    @Test
    void anOlderFileInPlaceOfTheDataIsNoticed() throws Exception {
        try (DataFolder folder = open()) {
            keep(folder, 5);
        }
        byte[] older = Files.readAllBytes(data());
        try (DataFolder folder = open()) {
            keep(folder, 5);
        }
        Files.write(data(), older);
        refused("lack what was kept last", "an older file was put in its place");
        Files.delete(path.resolve("misura.commits"));
        open().close();
    }
}
