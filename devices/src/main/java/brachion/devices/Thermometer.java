package brachion.devices;

import brachion.core.rig.ChamberHeat;
import brachion.core.rig.SteamRig;
import brachion.devices.Workshop.Reading;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Random;

/**
 * A thermometer in a steam chamber that has been on for a while. The chamber obeys the rig as it is described in the product, and its
 * door is opened by what is tapped on the bench. It reads each second and sends what it read; what its line lets down it sends later.
 */
public final class Thermometer {

    private static final int KEPT = 600;
    private static final int AT_ONCE = 500;
    private static final int NO_CONTENT = 204;
    private static final int BAD_REQUEST = 400;
    private static final int SERVER_ERROR = 500;

    private final Workshop workshop;
    private final String instrument;
    private final String token;
    private final Random luck;
    private final Line line;
    private final Deque<Reading> unsent = new ArrayDeque<>();
    private ChamberHeat chamber;
    private ReadChamber shown;
    private long opened;

    Thermometer(Workshop workshop, String instrument, String token, Random luck) {
        this.workshop = workshop;
        this.instrument = instrument;
        this.token = token;
        this.luck = luck;
        this.line = new Line(luck);
    }

    /**
     * @param arguments address of the product, and a file with the key of the instrument and its token
     * @throws IOException          when the file cannot be read
     * @throws InterruptedException when it is switched off
     */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        if (arguments.length != 2) {
            System.err.println("Say the address of the product and the file with the key of the instrument and its token.");
            System.exit(2);
        }
        String[] itself = Files.readString(Path.of(arguments[1])).strip().split("\\s+");
        Thermometer thermometer = new Thermometer(new Workshop(arguments[0]), itself[0], itself[1], new Random());
        while (thermometer.second(Instant.now())) {
            Thread.sleep(1000);
        }
        System.err.println("The product does not know this instrument.");
    }

    /** Lives through a second; whether the product still wants to hear of it. */
    boolean second(Instant now) throws InterruptedException {
        try {
            if (chamber == null) {
                SteamRig rig = workshop.rig();
                opened = workshop.doorOpened();
                chamber = new ChamberHeat(rig, rig.reachesC());
                shown = new ReadChamber(chamber, luck);
            }
            unsent.add(new Reading(now, shown.read()));
            if (unsent.size() > KEPT) {
                unsent.remove();
            }
            return !line.up() || spoke();
        } catch (IOException nobodyThere) {
            // tried again in a second
            return true;
        }
    }

    private boolean spoke() throws IOException, InterruptedException {
        long openings = workshop.doorOpened();
        if (openings > opened) {
            chamber.openDoor();
        }
        opened = openings;
        int status = workshop.send(instrument, token, new ArrayList<>(unsent).subList(0, Math.min(unsent.size(), AT_ONCE)));
        if (status == NO_CONTENT) {
            for (int sent = Math.min(unsent.size(), AT_ONCE); sent > 0; sent--) {
                unsent.remove();
            }
        }
        return status < BAD_REQUEST || status >= SERVER_ERROR;
    }
}
