package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestOrders;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.h2.mvstore.MVStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** How far the data are said to have come is never ahead of their file, however many work at once. */
class CommitsTest {
    private static final int HANDS = 8;
    private static final int LOOKS = 60;

    @TempDir
    private Path temp;

    @Test
    void theCounterIsNeverAheadOfTheFile() throws Exception {
        Path house = temp.resolve("house");
        String url = "jdbc:h2:file:" + house.resolve("misura") + ";WRITE_DELAY=0";
        ExecutorService hands = Executors.newFixedThreadPool(HANDS);
        AtomicBoolean done = new AtomicBoolean();
        AtomicInteger kept = new AtomicInteger();
        try (DataFolder folder = DataFolder.open(house, TestOrders.CLOCK);
                Connection open = DriverManager.getConnection(url, "sa", "")) {
            open.createStatement().execute("create table kept (id integer, what varchar(2000))");
            Disk disk = new Disk(new DriverManagerDataSource(url, "sa", ""), folder.commits());
            List<Future<?>> working = new ArrayList<>();
            for (int i = 0; i < HANDS; i++) {
                working.add(hands.submit(() -> work(url, disk, done, kept)));
            }
            for (int i = 0; i < LOOKS; i++) {
                Thread.sleep(20);
                look(house, i);
            }
            done.set(true);
            for (Future<?> each : working) {
                each.get();
            }
        } finally {
            done.set(true);
            hands.shutdownNow();
        }
        assertThat(kept.get()).as("commits meanwhile").isGreaterThan(LOOKS);
    }

    private static Void work(String url, Disk disk, AtomicBoolean done, AtomicInteger kept) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url, "sa", "")) {
            while (!done.get()) {
                connection
                        .createStatement()
                        .execute("insert into kept values (" + kept.incrementAndGet() + ", '" + "x".repeat(900) + "')");
                disk.force();
            }
        }
        return null;
    }

    /** What would be left if the process ended now: the counter is read first, so that the file can only be further. */
    private void look(Path house, int i) throws Exception {
        Path counter = house.resolve("misura.commits");
        long said = Files.exists(counter) && Files.size(counter) == Long.BYTES
                ? ByteBuffer.wrap(Files.readAllBytes(counter)).getLong()
                : 0;
        Path left = temp.resolve("left-" + i);
        Files.copy(house.resolve("misura.mv.db"), left, StandardCopyOption.REPLACE_EXISTING);
        try (MVStore store =
                new MVStore.Builder().fileName(left.toString()).readOnly().open()) {
            assertThat(store.getCurrentVersion()).as("look %d", i).isGreaterThanOrEqualTo(said);
        }
        Files.delete(left);
    }
}
