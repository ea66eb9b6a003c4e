package brachion.core.wood;

import brachion.core.quantity.Temperature;

/**
 * How wood conducts and stores heat across the grain.
 *
 * <p>With basic specific gravity G, moisture M [%] and temperature T [K]:
 * <pre>
 * k = G (0.1941 + 0.004064 M) + 0.01864                       [W/(m·K)]
 * c = (c0 + 4.18 M/100)/(1 + M/100) + A                        [kJ/(kg·K)]
 * c0 = 0.1031 + 0.003867 T,  A = M (−0.06191 + 2.36e-4 T − 1.33e-4 M)
 * ρ = 1000 G (1 + M/100)                                       [kg/m³]
 * </pre>
 * Source: USDA Forest Service, Wood Handbook FPL-GTR-282, chapter 4. The term A holds up to fibre saturation, so M in
 * it is taken as at most 30.
 */
public final class HeatProperties {

    private static final double SATURATION_PERCENT = 30;

    private HeatProperties() {
    }

    /** Conductivity across the grain [W/(m·K)]. */
    public static double conductivity(double basicSpecificGravity, double moisturePercent) {
        return basicSpecificGravity * (0.1941 + 0.004064 * moisturePercent) + 0.01864;
    }

    /** Heat to warm a cubic metre by one kelvin [J/(m³·K)]. */
    public static double volumetricHeatCapacity(double basicSpecificGravity, double celsius, double moisturePercent) {
        double kelvin = celsius - Temperature.ABSOLUTE_ZERO_C;
        double bound = Math.min(moisturePercent, SATURATION_PERCENT);
        double dry = 0.1031 + 0.003867 * kelvin;
        double excess = bound * (-0.06191 + 2.36e-4 * kelvin - 1.33e-4 * bound);
        double water = moisturePercent / 100;
        double perKg = (dry + 4.18 * water) / (1 + water) + excess;
        return 1000 * basicSpecificGravity * (1 + water) * perKg * 1000;
    }
}
