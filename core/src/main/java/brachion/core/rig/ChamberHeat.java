package brachion.core.rig;

/**
 * The temperature of an empty chamber as time goes on: one lump of walls under constant power, C dT/dt = P − U·A·(T − T_shop) with P
 * the steam heat less what the vents take, and no hotter than the rig comes to. Between two moments
 * T(t) = T_∞ + (T_0 − T_∞)·exp(−U·A·t/C), T_∞ = T_shop + P/(U·A).
 */
public final class ChamberHeat {

    /** Steam lost when the door is opened takes the chamber down by so much [K]; a round number chosen by us. */
    private static final double DOOR_K = 15;

    private final SteamRig rig;
    private double celsius;

    /**
     * @param rig     the rig, its steam on
     * @param celsius temperature to begin with [°C]
     */
    public ChamberHeat(SteamRig rig, double celsius) {
        this.rig = rig;
        this.celsius = celsius;
    }

    /** Temperature now [°C]. */
    public double celsius() {
        return celsius;
    }

    /** Goes on for a time [s]. */
    public void goOn(double seconds) {
        double loss = rig.wallLossPerK();
        double towards = rig.shopC() + (rig.steamWatts() - rig.ventWatts()) / loss;
        double risen = towards + (celsius - towards) * Math.exp(-loss * seconds / rig.wallHeatPerK());
        celsius = Math.min(risen, Math.max(rig.reachesC(), celsius));
    }

    /** The door is opened and shut. */
    public void openDoor() {
        celsius = Math.max(rig.shopC(), celsius - DOOR_K);
    }
}
