package brachion.server.instrument;

import brachion.server.storage.CurrentShop;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** What was read is kept full for a day; of what is older, the readings that make its curve. */
@Component
class NightlyThinning {

    private static final Duration FULL = Duration.ofDays(1);

    private final InstrumentService instruments;
    private final Clock clock;

    NightlyThinning(InstrumentService instruments, Clock clock) {
        this.instruments = instruments;
        this.clock = clock;
    }

    @Scheduled(cron = "0 45 2 * * *")
    void thin() {
        Instant until = clock.instant().minus(FULL);
        for (String shop : CurrentShop.ALL) {
            CurrentShop.in(shop, () -> {
                instruments.all().forEach(instrument -> instruments.thin(instrument.id(), until));
                return shop;
            });
        }
    }
}
