package brachion.core.method;

/** A way of bending that ends as a stack of dry plies with glue between. */
interface GluedPlies extends Method {

    /** What holds them together. */
    Glue glue();

    /** How many there are. */
    int plies();

    /** How they are closed. */
    Clamping clamping();

    /** Thickness of the ply that is hardest to close, made of stock of a thickness [mm]. */
    default double stiffestPlyMm(double stockMm) {
        return stockMm;
    }
}
