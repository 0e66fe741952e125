package app.misura.web.store;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Backups: for whoever asks for one, and one a day that the house makes by itself, of which the last seven are kept. */
@Service
public class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final String DAILY = "daily-";
    static final int DAYS = 7;
    private static final Duration DAY = Duration.ofHours(24);

    private final DataSource source;
    private final DataFolder folder;
    private final Clock clock;
    private volatile @Nullable String failure;

    Backups(DataSource source, DataFolder folder, Clock clock) {
        this.source = source;
        this.folder = folder;
        this.clock = clock;
    }

    /**
     * The state of the copies that the house makes.
     *
     * @param folder where they lie
     * @param last when the last one was made; null if there is none
     * @param failure why the last one that was due could not be made, in a sentence; null if it could
     */
    public record Copies(
            Path folder, @Nullable Instant last, @Nullable String failure) {}

    public Copies copies() {
        return new Copies(folder.copies(), last().orElse(null), failure);
    }

    private Optional<Instant> last() {
        try {
            List<Path> all = Files.isDirectory(folder.copies())
                    ? Kept.in(folder.copies()).of(DAILY)
                    : List.of();
            return all.isEmpty()
                    ? Optional.empty()
                    : Optional.of(at(all.get(all.size() - 1).getFileName().toString()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Instant at(String name) {
        return LocalDateTime.parse(
                        name.substring(DAILY.length(), DAILY.length() + 15),
                        DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss"))
                .toInstant(ZoneOffset.UTC);
    }

    /** Writes a backup of one state of everything, while people work. */
    public void write(OutputStream to) throws IOException {
        try (Connection connection = source.getConnection();
                Snapshot snapshot = Snapshot.of(connection, folder.copies(), clock.instant())) {
            snapshot.write(to);
        } catch (SQLException e) {
            throw new IOException("the data could not be read", e);
        }
    }

    /** Makes the copy of the day if the last is a day old; what hinders it is said to the owner. */
    public void daily() {
        Instant now = clock.instant();
        if (last().filter(l -> l.plus(DAY).isAfter(now)).isPresent()) {
            return;
        }
        Path half = null;
        try {
            Kept kept = Kept.in(folder.copies());
            String name = DAILY + DataFolder.stamp(now) + ".zip";
            half = kept.folder().resolve(name + ".part");
            try (OutputStream out = Files.newOutputStream(half)) {
                write(out);
            }
            try (FileChannel written = FileChannel.open(half, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            kept.finished(half, name, DAYS);
            forget(kept, now);
            failure = null;
        } catch (IOException | RuntimeException e) {
            failure = "The copy of the day could not be made in " + folder.copies() + ": "
                    + (e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage()) + ".";
            LOG.error("{}", failure);
            delete(half);
        }
    }

    private static void delete(@Nullable Path half) {
        try {
            if (half != null) {
                Files.deleteIfExists(half);
            }
        } catch (IOException e) {
            // the next copy writes over it
        }
    }

    /** Copies of other kinds are as old as the oldest of the day's: what was deleted is gone from all of them then. */
    private void forget(Kept kept, Instant now) throws IOException {
        String oldest = DataFolder.stamp(now.minus(DAY.multipliedBy(DAYS)));
        for (String kind : List.of("left-open-", "before-migration-")) {
            for (Path copy : kept.of(kind)) {
                if (copy.getFileName().toString().substring(kind.length()).compareTo(oldest) < 0) {
                    Files.deleteIfExists(copy);
                }
            }
        }
    }
}
