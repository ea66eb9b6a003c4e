package brachion.devices;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A scale by the rack, on which one drying piece after another is laid for some seconds. It settles within a second or two, its zero
 * drifts, and it shows whole grams.
 */
final class Scale implements Sense {

    private static final int LIES_S = 25;
    private static final int EMPTY_S = 5;
    private static final double SETTLES_S = 0.7;
    private static final double NOISE_G = 0.4;
    private static final double DRIFTS_G = 0.02;
    private static final Duration LOOKS_ROUND = Duration.ofMinutes(2);

    private final Random luck;
    private List<Double> pieces = List.of();
    private Instant lookedRound = Instant.MIN;
    private int second;
    private double zero;

    Scale(Random luck) {
        this.luck = luck;
    }

    @Override
    public Map<String, Double> read(Instant now) {
        int at = second++;
        zero += DRIFTS_G * luck.nextGaussian();
        int lies = at % (LIES_S + EMPTY_S);
        if (pieces.isEmpty() || lies >= LIES_S) {
            return Map.of();
        }
        double mass = pieces.get(at / (LIES_S + EMPTY_S) % pieces.size()) * (1 - Math.exp(-(lies + 1) / SETTLES_S));
        return Map.of("massG", Math.max(1, Math.rint(mass + zero + NOISE_G * luck.nextGaussian())));
    }

    @Override
    public void listen(Workshop workshop, Instant now) throws IOException, InterruptedException {
        if (now.isAfter(lookedRound.plus(LOOKS_ROUND))) {
            pieces = workshop.massesOnTheRack(now);
            lookedRound = now;
        }
    }
}
