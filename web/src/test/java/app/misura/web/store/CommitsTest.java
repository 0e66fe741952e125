package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestOrders;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** How far the data are said to have come is never ahead of their file, and what was answered for is in it, however many
 * work at once. */
class CommitsTest {
    private static final int HANDS = 8;
    private static final int LOOKS = 25;

    @TempDir
    private Path temp;

    @Test
    void theFileHasWhatWasAnsweredForAndTheCounterIsNeverAheadOfIt() throws Exception {
        Path house = temp.resolve("house");
        String url = "jdbc:h2:file:" + house.resolve("misura") + ";WRITE_DELAY=0";
        ExecutorService hands = Executors.newFixedThreadPool(HANDS);
        AtomicBoolean done = new AtomicBoolean();
        AtomicInteger kept = new AtomicInteger();
        Set<Integer> answered = ConcurrentHashMap.newKeySet();
        try (DataFolder folder = DataFolder.open(house, TestOrders.CLOCK);
                Connection open = DriverManager.getConnection(url, "sa", "")) {
            open.createStatement().execute("create table kept (id integer, what varchar(2000))");
            Disk disk = new Disk(new DriverManagerDataSource(url, "sa", ""), folder.commits());
            List<Future<?>> working = new ArrayList<>();
            for (int i = 0; i < HANDS; i++) {
                working.add(hands.submit(() -> work(url, disk, done, kept, answered)));
            }
            for (int i = 0; i < LOOKS; i++) {
                Thread.sleep(20);
                look(house, i, answered);
            }
            done.set(true);
            for (Future<?> each : working) {
                each.get();
            }
        } finally {
            done.set(true);
            hands.shutdownNow();
        }
        assertThat(answered).as("commits meanwhile").hasSizeGreaterThan(LOOKS);
    }

    private static Void work(String url, Disk disk, AtomicBoolean done, AtomicInteger kept, Set<Integer> answered)
            throws SQLException, InterruptedException {
        try (Connection connection = DriverManager.getConnection(url, "sa", "")) {
            while (!done.get()) {
                int id = kept.incrementAndGet();
                connection.createStatement().execute("insert into kept values (" + id + ", '" + "x".repeat(900) + "')");
                disk.force();
                answered.add(id);
                Thread.sleep(5);
            }
        }
        return null;
    }

    /** What would be left if the process ended now: counter and answers are read first, so the file can only be further. */
    private void look(Path house, int i, Set<Integer> answered) throws Exception {
        List<Integer> known = List.copyOf(answered);
        Path counter = house.resolve("misura.commits");
        long said = Files.exists(counter) && Files.size(counter) == Long.BYTES
                ? ByteBuffer.wrap(Files.readAllBytes(counter)).getLong()
                : 0;
        Path left = temp.resolve("left-" + i + ".mv.db");
        Files.copy(house.resolve("misura.mv.db"), left, StandardCopyOption.REPLACE_EXISTING);
        try (MVStore store =
                new MVStore.Builder().fileName(left.toString()).readOnly().open()) {
            assertThat(store.getCurrentVersion()).as("look %d", i).isGreaterThanOrEqualTo(said);
        }
        Set<Integer> lacking = new HashSet<>(known);
        lacking.removeAll(rows(temp.resolve("left-" + i)));
        assertThat(lacking).as("answered for and not there, look %d", i).isEmpty();
        Files.delete(left);
    }

    private static Set<Integer> rows(Path left) throws SQLException {
        Set<Integer> rows = new HashSet<>();
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + left + ";ACCESS_MODE_DATA=r", "sa", "");
                ResultSet found = connection.createStatement().executeQuery("select id from kept")) {
            while (found.next()) {
                rows.add(found.getInt(1));
            }
        }
        return rows;
    }
}
