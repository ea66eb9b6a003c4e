package brachion.devices;

import java.io.IOException;
import java.time.Instant;
import java.util.Map;

/** What an instrument feels of the shop. */
interface Sense {

    /** What it reads in the next second, by the names of what is measured; nothing where nothing lies on it. */
    Map<String, Double> read(Instant now);

    /** Hears what happens in the shop, as often as its line is up. */
    void listen(Workshop workshop, Instant now) throws IOException, InterruptedException;
}
