package brachion.server.rig;

import brachion.core.process.Shop;
import java.util.OptionalDouble;

/** What other capabilities may ask of the rig. */
public interface Rig {

    /** The shop it stands in. */
    Shop shop();

    /** The temperature its chamber comes to [°C]; empty until somebody has described it. */
    OptionalDouble reachesC();
}
