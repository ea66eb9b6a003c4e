package brachion.core.method;

import brachion.core.process.Shop;
import brachion.core.wood.SpeciesCatalogue;

/**
 * What a recipe is read against: the woods there are and the shop it is done in.
 *
 * @param woods the woods
 * @param shop  the shop
 */
public record Workshop(SpeciesCatalogue woods, Shop shop) {
}
