package brachion.server.bench;

import brachion.server.problem.RefusedRequestException;
import brachion.server.storage.CurrentShop;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Screens that look on at a bench. Each is told within a second of a change, whichever server process it came through, and of the
 * server's clock every few seconds, so that it notices when it is told nothing any more.
 */
@Component
class Onlookers {

    private static final Logger LOG = LoggerFactory.getLogger(Onlookers.class);
    private static final int MOST = 100;
    private static final long LOOK_EACH_MS = 100;
    private static final long LOOK_ELSEWHERE_EACH_MS = 1000;
    private static final long SILENT_MS = 3000;
    private static final long NO_END = 0L;

    private final BenchService bench;
    private final Clock clock;
    private final Map<String, Shop> shops = new ConcurrentHashMap<>();

    Onlookers(BenchService bench, Clock clock) {
        this.bench = bench;
        this.clock = clock;
    }

    /**
     * What a screen is told.
     *
     * @param now      what the server's clock shows
     * @param revision counts the changes to the bench
     */
    record Told(Instant now, long revision) {
    }

    /** Those that look on at the bench of one shop, and what they were told last. */
    private static final class Shop {

        private final List<SseEmitter> screens = new CopyOnWriteArrayList<>();
        private volatile long revision;
        private Instant toldAt = Instant.EPOCH;
        private long lookedAt;
        private volatile boolean changed;
    }

    SseEmitter join(String key) {
        if (shops.values().stream().mapToInt(shop -> shop.screens.size()).sum() >= MOST) {
            throw new RefusedRequestException(HttpStatus.TOO_MANY_REQUESTS);
        }
        SseEmitter screen = new SseEmitter(NO_END);
        Shop shop = shops.computeIfAbsent(key, none -> new Shop());
        Runnable leaves = () -> shop.screens.remove(screen);
        screen.onCompletion(leaves);
        screen.onError(gone -> leaves.run());
        shop.screens.add(screen);
        tell(screen, shop, new Told(clock.instant(), shop.revision));
        return screen;
    }

    /** What was changed here is told at the next look. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(BenchChanged change) {
        Optional.ofNullable(shops.get(change.shop())).ifPresent(shop -> shop.changed = true);
    }

    /** What was changed through another server process is found within a second. */
    @Scheduled(fixedDelay = LOOK_EACH_MS)
    void look() {
        long now = clock.millis();
        shops.forEach((key, shop) -> {
            if (!shop.screens.isEmpty() && (shop.changed || now - shop.lookedAt >= LOOK_ELSEWHERE_EACH_MS)) {
                shop.changed = false;
                shop.lookedAt = now;
                look(key, shop);
            }
        });
    }

    private void look(String key, Shop shop) {
        long revision = shop.revision;
        try {
            revision = CurrentShop.in(key, bench::revision);
        } catch (DataAccessException | TransactionException databaseAway) {
            LOG.debug("The bench cannot be looked at", databaseAway);
        }
        Instant now = clock.instant();
        if (revision != shop.revision || now.toEpochMilli() - shop.toldAt.toEpochMilli() >= SILENT_MS) {
            shop.revision = revision;
            shop.toldAt = now;
            shop.screens.forEach(screen -> tell(screen, shop, new Told(now, shop.revision)));
        }
    }

    private static void tell(SseEmitter screen, Shop shop, Told told) {
        try {
            screen.send(told, MediaType.APPLICATION_JSON);
        } catch (IOException | IllegalStateException gone) {
            shop.screens.remove(screen);
        }
    }

    /** A server that goes does not wait for screens to look away. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        shops.values().forEach(shop -> shop.screens.forEach(SseEmitter::complete));
    }
}
