package brachion.devices;

import brachion.core.rig.ChamberHeat;
import java.util.Random;

/** What a thermometer shows of a chamber: off by a little that wanders, and by noise, to the tenth of a degree. */
final class ReadChamber {

    private static final double NOISE_K = 0.15;
    /** The offset wanders so far in a second, and is drawn back so strongly. */
    private static final double WANDERS_K = 0.01;
    private static final double DRAWN_BACK = 1e-3;

    private final ChamberHeat chamber;
    private final Random luck;
    private double offset;

    ReadChamber(ChamberHeat chamber, Random luck) {
        this.chamber = chamber;
        this.luck = luck;
    }

    /** A second later. */
    double read() {
        chamber.goOn(1);
        offset += WANDERS_K * luck.nextGaussian() - DRAWN_BACK * offset;
        return Math.rint((chamber.celsius() + offset + NOISE_K * luck.nextGaussian()) * 10) / 10;
    }
}
