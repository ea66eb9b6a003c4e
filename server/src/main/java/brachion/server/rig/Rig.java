package brachion.server.rig;

import java.util.OptionalDouble;

/** What other capabilities may ask of the rig. */
public interface Rig {

    /** Height of the shop above the sea [m]. */
    double altitudeM();

    /** The temperature its chamber comes to [°C]; empty until somebody has described it. */
    OptionalDouble reachesC();
}
