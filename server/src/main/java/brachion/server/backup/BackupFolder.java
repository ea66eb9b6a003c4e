package brachion.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where backups are kept; nowhere, unless somebody said where. */
@Component
class BackupFolder {

    private final String folder;

    BackupFolder(@Value("${brachion.backups:}") String folder) {
        this.folder = folder;
    }

    /** The folder, made if it was not there. */
    Optional<Path> path() {
        if (folder.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Files.createDirectories(Path.of(folder)));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
