package brachion.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Async;
import org.springframework.scheduling.annotation.EnableAsync;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** A backup of the own shop for each day, kept for a fortnight. A machine that sleeps at night makes it when it is started. */
@Component
@EnableAsync
class NightlyBackup {

    private static final Logger LOG = LoggerFactory.getLogger(NightlyBackup.class);
    private static final int DAYS_KEPT = 14;
    private static final Pattern NAME = Pattern.compile("brachion-(\\d{4}-\\d{2}-\\d{2})\\.zip");

    private final Backups backups;
    private final BackupFolder folder;
    private final Clock clock;

    NightlyBackup(Backups backups, BackupFolder folder, Clock clock) {
        this.backups = backups;
        this.folder = folder;
        this.clock = clock;
    }

    @Async
    @EventListener(ApplicationReadyEvent.class)
    void madeUpFor() {
        make();
    }

    @Scheduled(cron = "0 0 3 * * *")
    void make() {
        folder.path().ifPresent(path -> {
            Path today = path.resolve("brachion-" + LocalDate.now(clock) + ".zip");
            try {
                if (!Files.exists(today)) {
                    backups.write(today);
                }
                forgetOld(path);
            } catch (IOException | RuntimeException failed) {
                LOG.error("There is no backup of today: {}", failed.getMessage());
            }
        });
    }

    private void forgetOld(Path path) throws IOException {
        LocalDate first = LocalDate.now(clock).minusDays(DAYS_KEPT - 1L);
        try (Stream<Path> files = Files.list(path)) {
            List<Path> old = files.filter(file -> {
                Matcher name = NAME.matcher(file.getFileName().toString());
                return name.matches() && LocalDate.parse(name.group(1)).isBefore(first);
            }).toList();
            for (Path file : old) {
                Files.delete(file);
            }
        }
    }
}
