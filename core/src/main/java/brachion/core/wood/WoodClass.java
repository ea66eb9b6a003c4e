package brachion.core.wood;

/**
 * Broad class of a species, with the bending radii a maker would start from before anything else is known.
 * The radii are round numbers chosen by us from the spread of the published ones (25 mm steamed stock).
 */
public enum WoodClass {
    /** Oaks, ashes, elms, hickories. */
    RING_POROUS_HARDWOOD(330, 50),
    /** Other hardwoods of temperate climates. */
    TEMPERATE_HARDWOOD(430, 120),
    /** Hardwoods of the tropics. */
    TROPICAL_HARDWOOD(600, 300),
    /** Conifers. */
    SOFTWOOD(800, 450),
    /** Culm walls of the large bamboos, split or laminated into strips; they bend well hot (common practice). */
    BAMBOO(300, 100),
    /**
     * Plywood. Crossed plies neither stretch nor squeeze along a curve, so that no panel is softened for a bend; it is sawn with
     * kerfs or glued up in thin sheets, by the outer ply (common practice). Its radii are never asked for.
     */
    PANEL(800, 450);

    private final BendingRadii startingRadii;

    WoodClass(double unsupportedMm, double supportedMm) {
        this.startingRadii = new BendingRadii(unsupportedMm, true, supportedMm, true);
    }

    /** Radii before anything else is known. */
    public BendingRadii startingRadii() {
        return startingRadii;
    }
}
