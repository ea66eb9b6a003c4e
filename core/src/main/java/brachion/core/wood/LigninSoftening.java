package brachion.core.wood;

/**
 * How soft wood is at a temperature and moisture: 0 hard, 1 soft.
 *
 * <p>The softening temperature of moist lignin falls with moisture M [%] as
 * <pre>Tg = 72 + 93·exp(−M/7)  [°C]</pre>
 * a falling curve after Goring (1963), Salmén (1984) and Kelley, Rials and Glasser (1987); the constants are from
 * memory of those papers. Softness follows it as a logistic step 8 °C wide (a round number chosen by us):
 * <pre>S = 1/(1 + exp(−(T − Tg)/8))</pre>
 * Check values at 98 °C: M 5, 8, 12, 20, 30 % give 0.08, 0.39, 0.76, 0.93, 0.96.
 */
public final class LigninSoftening {

    private static final double SATURATED_C = 72;
    private static final double DRY_EXCESS_C = 93;
    private static final double MOISTURE_SCALE_PERCENT = 7;
    private static final double STEP_WIDTH_C = 8;

    private LigninSoftening() {
    }

    /** Softening temperature [°C] at a moisture content [%]. */
    public static double softeningTemperatureC(double moisturePercent) {
        return SATURATED_C + DRY_EXCESS_C * Math.exp(-moisturePercent / MOISTURE_SCALE_PERCENT);
    }

    /** Softness between 0 (hard) and 1 (soft) at a temperature [°C] and moisture content [%]. */
    public static double softness(double celsius, double moisturePercent) {
        return softness(celsius, moisturePercent, 0);
    }

    /** The same of wood that softens at a temperature so much higher [K]. */
    public static double softness(double celsius, double moisturePercent, double shiftC) {
        return 1 / (1 + Math.exp(-(celsius - shiftC - softeningTemperatureC(moisturePercent)) / STEP_WIDTH_C));
    }
}
