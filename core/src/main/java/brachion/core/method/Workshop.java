package brachion.core.method;

import brachion.core.process.Shop;
import brachion.core.wood.SpeciesCatalogue;
import java.util.OptionalDouble;

/**
 * What a recipe is read against: the woods there are and the shop it is done in.
 *
 * @param woods    the woods
 * @param shop     the shop
 * @param reachesC the temperature that the chamber of its rig comes to [°C], empty until somebody has described the rig
 */
public record Workshop(SpeciesCatalogue woods, Shop shop, OptionalDouble reachesC) {
}
