package brachion.core.wood;

import brachion.core.quantity.Temperature;

/**
 * Diffusion of bound water across the grain.
 *
 * <p>With basic specific gravity G, moisture M [%] and temperature T [K]:
 * <pre>
 * D_b = 7e-6 · exp(−(9200 − 70 M)/(1.987 T))      [m²/s], M at most 28
 * v   = 1 − G (0.667 + 0.01 M)                    porosity
 * D   = D_b / ((1 − v)(1 − √v))
 * </pre>
 * Source: J. F. Siau, Transport Processes in Wood (1984); the constants are from memory of that book.
 * Check values: G 0.60, M 12, 300 K gives 4.40e-11; G 0.60, M 20, 371.15 K gives 1.12e-9 m²/s.
 */
public final class SiauDiffusion {

    private static final double BOUND_WATER_LIMIT_PERCENT = 28;
    private static final double SATURATION_PERCENT = 30;
    private static final double GAS_CONSTANT = 1.987;

    private SiauDiffusion() {
    }

    /** Diffusion coefficient across the grain [m²/s]. */
    public static double transverse(double basicSpecificGravity, double celsius, double moisturePercent) {
        double kelvin = celsius - Temperature.ABSOLUTE_ZERO_C;
        double bound = Math.min(moisturePercent, BOUND_WATER_LIMIT_PERCENT);
        double cellWall = 7e-6 * Math.exp(-(9200 - 70 * bound) / (GAS_CONSTANT * kelvin));
        double porosity =
                1 - basicSpecificGravity * (0.667 + 0.01 * Math.min(moisturePercent, SATURATION_PERCENT));
        return cellWall / ((1 - porosity) * (1 - Math.sqrt(porosity)));
    }
}
