package brachion.devices;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;

/** Switches the stand-ins on: all those a file names, or those of one kind. */
public final class Instruments {

    private static final Map<String, Function<Random, Sense>> KINDS =
            Map.of("THERMOMETER", Thermometer::new, "METER", Meter::new, "SCALE", Scale::new, "ROOM", RoomSensor::new);

    private Instruments() {
    }

    /**
     * @param arguments address of the product; a file with a line for each instrument: its kind, its key and its token; and, to switch
     *                  on only some, a kind
     * @throws IOException when the file cannot be read
     */
    public static void main(String[] arguments) throws IOException {
        if (arguments.length < 2 || arguments.length > 3) {
            System.err.println("Say the address of the product, the file with kinds, keys and tokens, and perhaps one kind.");
            System.exit(2);
        }
        for (String line : Files.readAllLines(Path.of(arguments[1]))) {
            String[] itself = line.strip().split("\\s+");
            if (itself.length == 3 && (arguments.length == 2 || arguments[2].equals(itself[0]))) {
                Random luck = new Random();
                Instrument instrument = new Instrument(new Workshop(arguments[0]), itself[1], itself[2], KINDS.get(itself[0]).apply(luck), luck);
                new Thread(() -> live(instrument, itself[0]), itself[0]).start();
            }
        }
    }

    private static void live(Instrument instrument, String kind) {
        try {
            while (instrument.second(Instant.now())) {
                Thread.sleep(1000);
            }
            System.err.println("The product does not know this " + kind.toLowerCase(Locale.ROOT) + ".");
        } catch (InterruptedException switchedOff) {
            Thread.currentThread().interrupt();
        }
    }
}
