package brachion.core.method;

/**
 * How the stock was dried, with the moisture one would expect when nobody measured it. The means and spreads are
 * round numbers chosen by us from common practice (bought kiln-dried timber 6 to 10 %).
 */
public enum Seasoning {
    /** Never dried. */
    GREEN(35, 10),
    /** Dried in the open air. */
    AIR_DRIED(16, 3),
    /** Dried in a kiln. */
    KILN_DRIED(8, 1.5);

    private final double meanMoisturePercent;
    private final double sdMoisturePercent;

    Seasoning(double meanMoisturePercent, double sdMoisturePercent) {
        this.meanMoisturePercent = meanMoisturePercent;
        this.sdMoisturePercent = sdMoisturePercent;
    }

    /** Expected moisture content [%]. */
    public double meanMoisturePercent() {
        return meanMoisturePercent;
    }

    /** Standard deviation of moisture content between pieces [%]. */
    public double sdMoisturePercent() {
        return sdMoisturePercent;
    }
}
