package brachion.core.bench;

import java.time.Instant;
import java.util.OptionalDouble;

/** Touches for tests, in seconds from a start in a night whose clocks are put back. */
final class Said {

    static final Instant START = Instant.parse("2026-10-25T00:30:00Z");

    private Said() {
    }

    static Tapped tapped(Tap tap, double seconds) {
        return new Tapped(tap, at(seconds));
    }

    static Tapped reading(double seconds, double celsius) {
        return new Tapped(Tap.READING, at(seconds), OptionalDouble.of(celsius));
    }

    static Instant at(double seconds) {
        return START.plusMillis(Math.round(seconds * 1000));
    }
}
