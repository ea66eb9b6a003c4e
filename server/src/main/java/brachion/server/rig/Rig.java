package brachion.server.rig;

/** What other capabilities may ask of the rig. */
public interface Rig {

    /** Height of the shop above the sea [m]. */
    double altitudeM();
}
