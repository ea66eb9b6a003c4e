package brachion.core.process;

/**
 * The temperature at which water boils in the open, above which no vented chamber can get. Air pressure from the
 * international standard atmosphere, p = 101325·(1 − 2.25577e-5·h)^5.25588 Pa (ISO 2533), and the vapour pressure of
 * water by Antoine's equation, log10 p[mmHg] = 8.07131 − 1730.63/(233.426 + T[°C]) for 1 to 100 °C (Dean, Lange's
 * Handbook of Chemistry; constants from memory).
 *
 * <p>Check: sea level 100.0 °C, 1500 m 95.0 °C, 3000 m 90.0 °C.
 */
public final class BoilingPoint {

    private static final double PASCAL_PER_MMHG = 133.322;

    private BoilingPoint() {
    }

    /** Boiling temperature [°C] at a height above the sea [m]. */
    public static double celsius(double altitudeM) {
        double pascal = 101_325 * Math.pow(1 - 2.25577e-5 * altitudeM, 5.25588);
        return 1730.63 / (8.07131 - Math.log10(pascal / PASCAL_PER_MMHG)) - 233.426;
    }
}
