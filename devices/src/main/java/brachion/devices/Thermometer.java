package brachion.devices;

import brachion.core.rig.ChamberHeat;
import brachion.core.rig.SteamRig;
import java.io.IOException;
import java.time.Instant;
import java.util.Map;
import java.util.Random;

/**
 * A thermometer in a steam chamber that has been on for a while. The chamber obeys the rig as it is described in the product, and its
 * door is opened by what is tapped on the bench. It reads each second.
 */
final class Thermometer implements Sense {

    private final Random luck;
    private ChamberHeat chamber;
    private ReadChamber shown;
    private long opened;

    Thermometer(Random luck) {
        this.luck = luck;
    }

    @Override
    public Map<String, Double> read(Instant now) {
        return Map.of("celsius", shown.read());
    }

    @Override
    public void listen(Workshop workshop, Instant now) throws IOException, InterruptedException {
        if (chamber == null) {
            SteamRig rig = workshop.rig();
            opened = workshop.doorOpened();
            chamber = new ChamberHeat(rig, rig.reachesC());
            shown = new ReadChamber(chamber, luck);
            return;
        }
        long openings = workshop.doorOpened();
        if (openings > opened) {
            chamber.openDoor();
        }
        opened = openings;
    }
}
