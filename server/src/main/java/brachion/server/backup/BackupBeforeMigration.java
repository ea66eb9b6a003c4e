package brachion.server.backup;

import brachion.server.backup.BackupFile.Unusable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Before a newer version changes the database all of it is kept in a file. A change that fails half way is taken back from
 * that file, because the database itself cannot take back a change to a table: the older version starts as before.
 */
@Component
class BackupBeforeMigration implements FlywayMigrationStrategy {

    private static final Logger LOG = LoggerFactory.getLogger(BackupBeforeMigration.class);

    private final BackupFolder folder;
    private final Clock clock;

    BackupBeforeMigration(BackupFolder folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        if (current == null || flyway.info().pending().length == 0 || folder.path().isEmpty()) {
            flyway.migrate();
            return;
        }
        String from = current.getVersion().getVersion();
        Path kept = folder.path().get().resolve("before-upgrade-from-" + from + "-"
                + LocalDateTime.now(clock).format(DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss")) + ".zip");
        keep(flyway.getConfiguration().getDataSource(), kept, from);
        try {
            flyway.migrate();
        } catch (FlywayException failed) {
            takeBack(flyway, kept, from);
            throw new IllegalStateException("The database could not be changed for this version. It is as it was: the version you had starts as before. "
                    + "What it held is kept in " + kept + " as well.", failed);
        }
    }

    private static TransactionTemplate transaction(DataSource source) {
        return new TransactionTemplate(new DataSourceTransactionManager(source));
    }

    private void keep(DataSource source, Path kept, String schema) {
        transaction(source).executeWithoutResult(status -> {
            try {
                new Dump(new JdbcTemplate(source), null).write(kept, "before an upgrade", schema, clock.instant());
            } catch (IOException failed) {
                throw new UncheckedIOException("The database could not be kept before the upgrade, and so it was not changed", failed);
            }
        });
        LOG.info("What the database holds is kept in {} before it is changed", kept);
    }

    private static void takeBack(Flyway flyway, Path kept, String from) {
        DataSource source = flyway.getConfiguration().getDataSource();
        try (BackupFile file = BackupFile.checked(kept)) {
            Flyway before = Flyway.configure().configuration(flyway.getConfiguration()).cleanDisabled(false).target(from).load();
            before.clean();
            before.migrate();
            transaction(source).executeWithoutResult(status -> {
                Load load = new Load(new JdbcTemplate(source), null);
                load.emptyAll();
                load.fill(file);
            });
        } catch (Unusable damaged) {
            throw new IllegalStateException(damaged.getMessage());
        }
    }
}
