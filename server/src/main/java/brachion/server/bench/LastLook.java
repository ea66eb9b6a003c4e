package brachion.server.bench;

import brachion.server.bench.BenchController.BenchAnswer;
import brachion.server.storage.CurrentShop;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;

/**
 * What was seen of a bench is shown to everybody who looks within the second, unless something was said since: many screens cost
 * little more than one. Whoever cannot wait for somebody else's look has one of their own.
 */
@Component
class LastLook {

    private static final Duration FRESH = Duration.ofSeconds(1);
    private static final long WAITS_MS = 500;

    private final BenchService bench;
    private final Clock clock;
    private final Map<String, Shop> shops = new ConcurrentHashMap<>();

    LastLook(BenchService bench, Clock clock) {
        this.bench = bench;
        this.clock = clock;
    }

    private static final class Shop {

        private final ReentrantLock looking = new ReentrantLock();
        private long revision;
        private BenchAnswer seen;
    }

    BenchAnswer look() {
        Shop shop = shops.computeIfAbsent(CurrentShop.key(), none -> new Shop());
        if (!waitFor(shop.looking)) {
            return afresh();
        }
        try {
            long revision = bench.revision();
            if (shop.seen == null || shop.revision != revision || clock.instant().isAfter(shop.seen.now().plus(FRESH))) {
                shop.seen = afresh();
                shop.revision = revision;
            }
            return shop.seen;
        } finally {
            shop.looking.unlock();
        }
    }

    private static boolean waitFor(ReentrantLock lock) {
        try {
            return lock.tryLock(WAITS_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private BenchAnswer afresh() {
        Instant now = clock.instant();
        return new BenchAnswer(now, bench.pieces(now));
    }
}
