package brachion.devices;

import brachion.devices.Workshop.Reading;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Map;
import java.util.Random;

/** An instrument that lives second by second: it reads, and sends what it read; what its line lets down it sends later. */
final class Instrument {

    private static final int KEPT = 600;
    private static final int AT_ONCE = 500;
    private static final int NO_CONTENT = 204;
    private static final int BAD_REQUEST = 400;
    private static final int SERVER_ERROR = 500;

    private final Workshop workshop;
    private final String key;
    private final String token;
    private final Sense sense;
    private final Line line;
    private final Deque<Reading> unsent = new ArrayDeque<>();
    private boolean awake;

    Instrument(Workshop workshop, String key, String token, Sense sense, Random luck) {
        this.workshop = workshop;
        this.key = key;
        this.token = token;
        this.sense = sense;
        this.line = new Line(luck);
    }

    /** Lives through a second; whether the product still wants to hear of it. */
    boolean second(Instant now) throws InterruptedException {
        try {
            if (!awake) {
                sense.listen(workshop, now);
                awake = true;
            }
            Map<String, Double> read = sense.read(now);
            if (!read.isEmpty()) {
                unsent.add(new Reading(now, read));
            }
            if (unsent.size() > KEPT) {
                unsent.remove();
            }
            return !line.up() || spoke(now);
        } catch (IOException nobodyThere) {
            // tried again in a second
            return true;
        }
    }

    private boolean spoke(Instant now) throws IOException, InterruptedException {
        sense.listen(workshop, now);
        if (unsent.isEmpty()) {
            return true;
        }
        int status = workshop.send(key, token, new ArrayList<>(unsent).subList(0, Math.min(unsent.size(), AT_ONCE)));
        if (status == NO_CONTENT) {
            for (int sent = Math.min(unsent.size(), AT_ONCE); sent > 0; sent--) {
                unsent.remove();
            }
        }
        return status < BAD_REQUEST || status >= SERVER_ERROR;
    }
}
