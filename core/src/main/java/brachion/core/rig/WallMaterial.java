package brachion.core.rig;

/**
 * What the chamber is made of, with conductivity and stored heat. Handbook-order values from memory, rounded by us.
 */
public enum WallMaterial {
    /** Softwood boards. */
    SOFTWOOD(0.12, 750_000),
    /** Plywood. */
    PLYWOOD(0.13, 850_000),
    /** Plastic drain pipe. */
    PLASTIC_PIPE(0.19, 1_400_000),
    /** Rigid insulating foam by itself. */
    FOAM_BOARD(0.033, 45_000),
    /** Sheet or pipe of steel. */
    STEEL(50, 3_700_000);

    private final double conductivity;
    private final double heatCapacity;

    WallMaterial(double conductivity, double heatCapacity) {
        this.conductivity = conductivity;
        this.heatCapacity = heatCapacity;
    }

    /** Conductivity [W/(m·K)]. */
    public double conductivity() {
        return conductivity;
    }

    /** Heat to warm a cubic metre by one kelvin [J/(m³·K)]. */
    public double volumetricHeatCapacity() {
        return heatCapacity;
    }
}
