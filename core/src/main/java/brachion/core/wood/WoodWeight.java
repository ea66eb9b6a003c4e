package brachion.core.wood;

/**
 * Weight of wood on its several bases. Source: Wood Handbook (FPL-GTR-282), chapter 4: G_M = G_b/(1 − 0.265·a·G_b) with
 * a = (30 − M)/30 below fibre saturation; at M = 12 % the factor 0.265·a is 0.159.
 *
 * <p>Check: basic gravity 0.60 is 0.663 at 12 % and weighs 743 kg/m³ there.
 */
public final class WoodWeight {

    private static final double SHRINKING = 0.265 * (30 - 12) / 30;
    private static final double MASS_WITH_WATER = 1.12;
    private static final double WATER = 1000;

    private WoodWeight() {
    }

    /** Oven-dry mass over the volume at 12 % moisture, relative to water, from the basic specific gravity. */
    public static double at12(double basicSpecificGravity) {
        return basicSpecificGravity / (1 - SHRINKING * basicSpecificGravity);
    }

    /** Density at 12 % moisture [kg/m³], water included, from the basic specific gravity. */
    public static double density12(double basicSpecificGravity) {
        return WATER * MASS_WITH_WATER * at12(basicSpecificGravity);
    }

    /** Basic specific gravity from the density at 12 % moisture [kg/m³]. */
    public static double basicSpecificGravity(double density12) {
        double at12 = density12 / (WATER * MASS_WITH_WATER);
        return at12 / (1 + SHRINKING * at12);
    }
}
