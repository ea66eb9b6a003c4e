package brachion.core.wood;

import brachion.core.quantity.Moisture;
import brachion.core.quantity.Temperature;

/**
 * Equilibrium moisture content of wood in air.
 *
 * <p>With T in °C and h the relative humidity as a fraction:
 * <pre>
 * W  = 349 + 1.29 T + 0.0135 T²
 * K  = 0.805 + 0.000736 T − 0.00000273 T²
 * K1 = 6.27 − 0.00938 T − 0.000303 T²
 * K2 = 1.91 + 0.0407 T − 0.000293 T²
 * EMC% = 1800/W · [ Kh/(1−Kh) + (K1 K h + 2 K1 K2 K² h²)/(1 + K1 K h + K1 K2 K² h²) ]
 * </pre>
 * Source: USDA Forest Service, Wood Handbook FPL-GTR-282, chapter 4 (Hailwood and Horrobin's two-hydrate form).
 */
public final class HailwoodHorrobinSorption {

    private HailwoodHorrobinSorption() {
    }

    /**
     * @param air              temperature of the air
     * @param relativeHumidity RH as a fraction, 0 to 1
     * @throws IllegalArgumentException when the humidity is outside 0 to 1
     */
    public static Moisture equilibriumMoisture(Temperature air, double relativeHumidity) {
        if (!(relativeHumidity >= 0 && relativeHumidity <= 1)) {
            throw new IllegalArgumentException("Relative humidity must be between 0 and 1, not " + relativeHumidity);
        }
        double t = air.celsius();
        double w = 349 + 1.29 * t + 0.0135 * t * t;
        double k = 0.805 + 0.000736 * t - 0.00000273 * t * t;
        double k1 = 6.27 - 0.00938 * t - 0.000303 * t * t;
        double k2 = 1.91 + 0.0407 * t - 0.000293 * t * t;
        double kh = k * relativeHumidity;
        double hydrate = (k1 * kh + 2 * k1 * k2 * kh * kh) / (1 + k1 * kh + k1 * k2 * kh * kh);
        return new Moisture(1800 / w * (kh / (1 - kh) + hydrate));
    }
}
