package app.misura.web.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;

/**
 * Brings the tables of older data up to this version. The data are copied first; each migration may be begun again, so that a
 * start that was killed in the middle of one is simply started once more.
 */
final class Migrating implements FlywayMigrationStrategy {
    private static final int COPIES = 3;
    private final DataFolder folder;
    private final Clock clock;

    Migrating(DataFolder folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo[] pending = flyway.info().pending();
        boolean begun = flyway.info().applied().length > 0;
        if (begun && pending.length > 0) {
            copy(flyway.getConfiguration().getDataSource());
        }
        boolean failed = java.util.Arrays.stream(flyway.info().all())
                .map(MigrationInfo::getState)
                .anyMatch(s -> s == MigrationState.FAILED);
        if (failed) {
            flyway.repair();
        }
        try {
            flyway.migrate();
        } catch (FlywayValidateException e) {
            // the text of a migration was made repeatable after it had run; what it did is the same
            flyway.repair();
            flyway.migrate();
        }
    }

    private void copy(DataSource source) {
        try (Connection connection = source.getConnection();
                PreparedStatement backup = connection.prepareStatement("BACKUP TO ?")) {
            Kept kept = Kept.in(folder.copies());
            String name = "before-migration-" + DataFolder.stamp(clock.instant()) + ".zip";
            Path half = kept.folder().resolve(name + ".part");
            backup.setString(1, half.toString());
            backup.execute();
            kept.finished(half, name, COPIES);
        } catch (SQLException e) {
            throw new Unusable("The data could not be copied before their tables are changed: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
