package brachion.core.method;

import java.util.Map;

/** A way of bending that ends as a stack of dry plies with glue between. */
interface GluedPlies extends Method {

    /** What holds them together. */
    Glue glue();

    /** How many there are. */
    int plies();

    /** How they are closed. */
    Clamping clamping();

    /** What glue and clamps have to hold closed, as the thickness of the ply that is hardest to close over its radius. */
    default double pull(Recipe recipe, Demand demand) {
        return stiffestPlyMm(recipe.blank().thicknessMm()) / recipe.bend().innerRadiusMm();
    }

    @Override
    default Map<Blemish, Double> blemishes(Recipe recipe) {
        return GlueUp.BLEMISHES;
    }

    /** Thickness of the ply that is hardest to close, made of stock of a thickness [mm]. */
    default double stiffestPlyMm(double stockMm) {
        return stockMm;
    }
}
