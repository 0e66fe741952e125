package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.TestOrders;
import app.misura.web.Visitor;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Everything is backed up while people work, brought back as it was, and really deleted. */
class BackupTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private DataFolder folder;

    @Autowired
    private DataSource source;

    @Autowired
    private Compacting compacting;

    @TempDir
    private Path temp;

    private Path file;

    @BeforeEach
    void backup() throws IOException {
        Api.Answer answer = new Api(port, "owner:demo-misura").get("/api/v1/backup");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.header("Content-Type")).isEqualTo("application/zip");
        file = temp.resolve("backup.zip");
        Files.write(file, answer.raw().body());
    }

    private static JdbcTemplate in(Path house) {
        return new JdbcTemplate(new DriverManagerDataSource("jdbc:h2:file:" + house.resolve("misura"), "sa", ""));
    }

    /** Everything in it, in one order: constraints are written in any. */
    private static List<String> script(JdbcTemplate data) {
        return data.queryForList("script nosettings", String.class).stream()
                .sorted()
                .toList();
    }

    @Test
    void whatIsBroughtBackIsWhatWasThere() throws IOException {
        Path house = temp.resolve("brought/back");
        Manifest manifest = Restore.into(house, file, Restore.knownSchema(TestOrders.CLOCK));
        assertThat(manifest.counts().get("client")).isGreaterThanOrEqualTo(14);
        assertThat(script(in(house))).isEqualTo(script(new JdbcTemplate(source)));
        DataFolder.open(house, TestOrders.CLOCK).close();
        assertThat(new JdbcTemplate(source).queryForObject("select count(*) from client", Long.class))
                .isEqualTo(manifest.counts().get("client"));
    }

    @Test
    void onlyTheOwnerFetchesOneByNameOrToken() {
        assertThat(new Api(port, "cutter:demo-misura").get("/api/v1/backup").status())
                .isEqualTo(403);
        assertThat(new Api(port, "").get("/api/v1/backup").status()).isEqualTo(401);
        assertThat(Visitor.as(port, "measurer").get("/house/backup").status()).isEqualTo(403);
        assertThat(Visitor.as(port, "owner").get("/house/backup").header("content-type"))
                .isEqualTo("application/zip");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 40, 400, 5_000, 50_000, -30})
    void aBrokenFileIsRefusedAndTheFolderStaysAsItWas(int at) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        int broken = at < 0 ? bytes.length + at : at;
        for (int i = broken; i < Math.min(broken + 8, bytes.length); i++) {
            bytes[i] ^= 0x55;
        }
        Files.write(file, bytes);
        Path house = temp.resolve("new");
        try {
            Restore.into(house, file, 1000);
            assertThat(script(in(house)))
                    .as("what nothing needs was broken")
                    .isEqualTo(script(new JdbcTemplate(source)));
        } catch (Unusable e) {
            assertThat(e.sentence()).containsAnyOf("damaged", "no backup of Misura's", "cannot be brought back");
            assertThat(house).doesNotExist();
        }
    }

    @Test
    void halfAFileAForeignOneANewerOneAndAFullFolderAreRefused() throws IOException {
        Path house = temp.resolve("other");
        byte[] whole = Files.readAllBytes(file);
        Path half = Files.write(temp.resolve("half.zip"), java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> Restore.into(house, half, 1000)).isInstanceOf(Unusable.class);
        Path foreign = Files.writeString(temp.resolve("foreign.zip"), "a letter");
        assertThatThrownBy(() -> Restore.into(house, foreign, 1000)).hasMessageContaining("no backup of Misura's");
        assertThatThrownBy(() -> Restore.into(house, file, 3)).hasMessageContaining("made by a newer Misura");
        assertThatThrownBy(() -> Restore.into(house, temp.resolve("none.zip"), 3))
                .hasMessageContaining("There is no file");
        assertThat(house).doesNotExist();
        Files.createDirectories(house);
        Files.writeString(house.resolve("letter.txt"), "mine");
        assertThatThrownBy(() -> Restore.into(house, file, 1000)).hasMessageContaining("is not empty");
        assertThat(house).isDirectoryContaining("glob:**letter.txt");
    }

    @Test
    void aRestoreThatWasKilledIsBegunAgain() throws IOException {
        Path house = Files.createDirectories(temp.resolve("killed"));
        Files.write(house.resolve("misura.mv.db.part"), new byte[5000]);
        Restore.into(house, file, 1000);
        DataFolder.open(house, TestOrders.CLOCK).close();
        assertThat(house).isDirectoryNotContaining("glob:**.part");
    }

    @Test
    void aFolderThatNoServerHasOpenIsBackedUpToo() throws IOException {
        Path house = temp.resolve("closed");
        Restore.into(house, file, 1000);
        Path again = temp.resolve("again.zip");
        assertThat(Command.backup(again, house, TestOrders.CLOCK))
                .contains("clients")
                .contains("readings");
        Path third = temp.resolve("third");
        Restore.into(third, again, 1000);
        assertThat(script(in(third))).isEqualTo(script(new JdbcTemplate(source)));
        assertThatThrownBy(() -> Command.backup(again, temp.resolve("nowhere"), TestOrders.CLOCK))
                .hasMessageContaining("There are no data");
        try (DataFolder held = DataFolder.open(house, TestOrders.CLOCK)) {
            assertThatThrownBy(() -> Command.backup(again, held.path(), TestOrders.CLOCK))
                    .hasMessageContaining("Another server has the folder");
        }
    }

    @Test
    void theCommandFetchesFromTheRunningServer() throws IOException {
        Path fetched = temp.resolve("fetched.zip");
        assertThat(Command.fetch(fetched, port, Map.of("MISURA_OWNER", "owner:demo-misura")))
                .contains("fetched");
        Restore.into(temp.resolve("from-server"), fetched, 1000);
        assertThatThrownBy(() -> Command.fetch(temp.resolve("no.zip"), port, Map.of("MISURA_TOKEN", "misura-none")))
                .hasMessageContaining("a backup is the owner's");
        assertThat(temp.resolve("no.zip")).doesNotExist();
        assertThat(temp).isDirectoryNotContaining("glob:**.part");
    }

    @Test
    void theCopyOfTheDayIsMadeOnceADayAndSevenAreKept() throws IOException {
        Instant[] now = {Instant.parse("2026-05-13T09:00:00Z")};
        Path house = temp.resolve("daily");
        Restore.into(house, file, 1000);
        try (DataFolder held = DataFolder.open(house, Clock.fixed(now[0], ZoneOffset.UTC))) {
            Clock clock = new Clock() {
                @Override
                public java.time.ZoneId getZone() {
                    return ZoneOffset.UTC;
                }

                @Override
                public Clock withZone(java.time.ZoneId zone) {
                    return this;
                }

                @Override
                public Instant instant() {
                    return now[0];
                }
            };
            Backups backups = new Backups(in(house).getDataSource(), held, clock);
            assertThat(backups.copies().last()).isNull();
            List<Integer> kept = new ArrayList<>();
            for (int day = 0; day < 9; day++) {
                backups.daily();
                now[0] = now[0].plus(Duration.ofHours(1));
                backups.daily();
                try (Stream<Path> copies = Files.list(held.copies())) {
                    kept.add((int) copies.count());
                }
                now[0] = now[0].plus(Duration.ofHours(23));
            }
            assertThat(kept).containsExactly(1, 2, 3, 4, 5, 6, 7, 7, 7);
            assertThat(backups.copies().last()).isEqualTo(Instant.parse("2026-05-21T09:00:00Z"));
            assertThat(backups.copies().failure()).isNull();
            try (Stream<Path> copies = Files.list(held.copies())) {
                Restore.into(temp.resolve("from-copy"), copies.sorted().toList().get(0), 1000);
            }
        }
    }

    @Test
    void aCopyThatFailsIsSaid() throws IOException {
        Path house = temp.resolve("failing");
        Restore.into(house, file, 1000);
        try (DataFolder held = DataFolder.open(house, TestOrders.CLOCK)) {
            Files.writeString(held.copies(), "a file where the folder should be");
            Backups backups = new Backups(in(house).getDataSource(), held, TestOrders.CLOCK);
            backups.daily();
            assertThat(backups.copies().failure()).startsWith("The copy of the day could not be made in");
        }
    }

    @Test
    void everythingOfOneClientComesInOneFile() throws IOException {
        Visitor owner = Visitor.as(port, "owner");
        String id = new Api(port, "owner:demo-misura")
                .get("/api/v1/clients?q=yusra")
                .json()
                .get("items")
                .get(0)
                .get("id")
                .stringValue();
        assertThat(owner.get("/clients/" + id + "/edit").body()).contains("/clients/" + id + "/everything.zip");
        byte[] zip = owner.bytes("/clients/" + id + "/everything.zip");
        Map<String, String> entries = new java.util.TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(
                        entry.getName().replaceAll("\\d+", "N"),
                        new String(in.readAllBytes(), StandardCharsets.ISO_8859_1));
            }
        }
        assertThat(entries)
                .containsKeys("client.json", "order-N/order.json", "order-N/order-form.pdf", "order-N/readings.csv");
        assertThat(entries.get("client.json")).contains("A knee operation last winter");
        assertThat(entries.get("order-N/order.json")).contains("D9").contains("sheet/1");
        assertThat(entries.get("order-N/order-form.pdf")).startsWith("%PDF");
        byte[] viewers = Visitor.as(port, "viewer").bytes("/clients/" + id + "/everything.zip");
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(viewers))) {
            in.getNextEntry();
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).doesNotContain("knee operation");
        }
    }

    @Test
    void whatIsDeletedIsNotInTheFileAnyMore() throws Exception {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/clients/new");
        String at = owner.post(
                        "/clients",
                        Map.of(
                                "name",
                                "Quillon Vantongeren",
                                "handedness",
                                "RIGHT",
                                "ageGroup",
                                "ADULT",
                                "notes",
                                "Zanzibarine"))
                .header("location");
        assertThat(at).startsWith("/clients/");
        compacting.compact();
        assertThat(compacting.failure()).isNull();
        assertThat(holds("Zanzibarine")).isTrue();
        owner.get(at + "/edit");
        assertThat(owner.post(at + "/delete", Map.of("confirm", "Quillon Vantongeren"))
                        .status())
                .isEqualTo(302);
        for (int i = 0; i < 200 && (holds("Zanzibarine") || holds("Vantongeren")); i++) {
            Thread.sleep(50);
        }
        assertThat(holds("Zanzibarine")).isFalse();
        assertThat(holds("Vantongeren")).isFalse();
        assertThat(compacting.failure()).isNull();
        assertThat(owner.get("/clients").status()).as("the house goes on").isEqualTo(200);
    }

    private boolean holds(String text) throws IOException {
        return new String(Files.readAllBytes(folder.data()), StandardCharsets.ISO_8859_1).contains(text);
    }
}
