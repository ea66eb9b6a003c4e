package brachion.devices;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A moisture meter whose pins are pressed into one board in stock after another. It shows half per cents, is off by as much as its
 * correction for the wood is, and by where the pins went in.
 */
final class Meter implements Sense {

    private static final int EACH_S = 20;
    private static final Duration LOOKS_ROUND = Duration.ofMinutes(2);
    /** How far two presses into one board differ, and the meter from another one (round numbers chosen by us) [%]. */
    private static final double NOISE = 0.6;
    private static final double OFF = 0.8;
    private static final double LEAST = 5;

    private final Random luck;
    private final double off;
    private List<Double> boards = List.of();
    private Instant lookedRound = Instant.MIN;
    private int second;

    Meter(Random luck) {
        this.luck = luck;
        this.off = OFF * luck.nextGaussian();
    }

    @Override
    public Map<String, Double> read(Instant now) {
        int at = second++;
        if (boards.isEmpty() || at % EACH_S != 0) {
            return Map.of();
        }
        double moisture = boards.get(at / EACH_S % boards.size()) + off + NOISE * luck.nextGaussian();
        return Map.of("moisturePercent", Math.max(LEAST, Math.rint(moisture * 2) / 2));
    }

    @Override
    public void listen(Workshop workshop, Instant now) throws IOException, InterruptedException {
        if (now.isAfter(lookedRound.plus(LOOKS_ROUND))) {
            boards = workshop.moistureOfBoards();
            lookedRound = now;
        }
    }
}
