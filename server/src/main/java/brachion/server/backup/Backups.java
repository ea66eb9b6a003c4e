package brachion.server.backup;

import brachion.server.backup.BackupFile.Unusable;
import brachion.server.problem.EditConflictException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.CurrentShop;
import brachion.server.storage.LongWork;
import brachion.server.trial.Trials;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.concurrent.atomic.AtomicReference;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes backups of the shop at hand and brings them back. */
@Service
class Backups {

    private final JdbcTemplate database;
    private final Flyway flyway;
    private final Trials trials;
    private final LongWork longWork;
    private final Clock clock;
    private final String product;
    private final TransactionTemplate transaction;

    Backups(JdbcTemplate database, Flyway flyway, Trials trials, LongWork longWork, Clock clock, @Value("${brachion.version}") String product,
            PlatformTransactionManager transactions) {
        this.database = database;
        this.flyway = flyway;
        this.trials = trials;
        this.longWork = longWork;
        this.clock = clock;
        this.product = product;
        this.transaction = new TransactionTemplate(transactions);
        this.transaction.setTimeout(LongWork.SECONDS);
    }

    /**
     * Writes a backup and opens it again to see that it is sound.
     *
     * @return what it says of itself
     */
    Manifest write(Path to) {
        try (BackupFile backup = written(to)) {
            return backup.manifest();
        }
    }

    private BackupFile written(Path to) {
        AtomicReference<IOException> failed = new AtomicReference<>();
        transaction.executeWithoutResult(status -> {
            longWork.begin();
            try {
                new Dump(database, CurrentShop.key()).write(to, product, schema(), clock.instant());
            } catch (IOException full) {
                failed.set(full);
            }
        });
        if (failed.get() != null) {
            throw new UncheckedIOException(failed.get());
        }
        try {
            return BackupFile.checked(to);
        } catch (Unusable notWhatWasWritten) {
            throw new IllegalStateException(notWhatWasWritten.getMessage());
        }
    }

    /** Writes the same as one JSON document. */
    void writeDocument(Path to) throws IOException {
        Path zip = Files.createTempFile("brachion-backup", ".zip");
        try {
            try (BackupFile backup = written(zip)) {
                ShopDocument.write(backup, to);
            }
        } finally {
            Files.deleteIfExists(zip);
        }
    }

    /** What such a document may hold. */
    String documentSchema() {
        return ShopDocument.schema(Dump.tables(database, CurrentShop.key()), schema());
    }

    /** Fills the shop at hand, which must be empty, from a backup or such a document; looks through all of it before anything is touched. */
    Manifest restore(InputStream zipOrDocument) {
        Path file = null;
        Path ofDocument = null;
        try {
            file = Files.createTempFile("brachion-restoring", null);
            Files.copy(zipOrDocument, file, StandardCopyOption.REPLACE_EXISTING);
            if (!ShopDocument.is(file)) {
                return restore(file);
            }
            ofDocument = Files.createTempFile("brachion-restoring", ".zip");
            ShopDocument.toBackup(file, ofDocument);
            return restore(ofDocument);
        } catch (Unusable unusable) {
            throw new RefusedFieldException("file", unusable.getMessage());
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        } finally {
            delete(file);
            delete(ofDocument);
        }
    }

    private Manifest restore(Path zip) throws Unusable {
        try (BackupFile backup = BackupFile.checked(zip)) {
            requireSameSchema(backup.manifest());
            transaction.executeWithoutResult(status -> fill(backup));
            return backup.manifest();
        }
    }

    private void fill(BackupFile backup) {
        longWork.begin();
        Load load = new Load(database, CurrentShop.key());
        if (!load.empty(backup)) {
            throw new EditConflictException("This shop has records already, and a backup goes into an empty one, so that nothing is mixed up. "
                    + "Start a shop in another data folder, and bring the backup back there.");
        }
        load.fill(backup);
        trials.changed();
    }

    private void requireSameSchema(Manifest manifest) throws Unusable {
        if (manifest.shop() == null) {
            throw new Unusable("This was kept before an upgrade and holds a whole database. It is brought back by the server itself.");
        }
        int compared = MigrationVersion.fromVersion(manifest.schema()).compareTo(MigrationVersion.fromVersion(schema()));
        if (compared > 0) {
            throw Unusable.newer(manifest);
        }
        if (compared < 0) {
            throw new Unusable("An older version of Brachion (" + manifest.product() + ") wrote this backup. Bring it back with that version, "
                    + "and then start this one on the same data: it takes everything over.");
        }
    }

    private String schema() {
        return flyway.info().current().getVersion().getVersion();
    }

    private static void delete(Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
