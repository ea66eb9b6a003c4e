package brachion.core.method;

/**
 * What holds the plies of a lamination together. Open time and spread are round numbers chosen by us, of the order of common data
 * sheets; the glue at hand says its own.
 */
public enum Glue {
    /** Polyvinyl acetate, white or yellow. */
    PVA(12, 180),
    /** Two-part epoxy. */
    EPOXY(40, 200),
    /** Moisture-curing polyurethane. */
    POLYURETHANE(25, 150),
    /** Urea-formaldehyde (plastic resin). */
    UREA_RESIN(25, 180),
    /** Hide glue, hot. */
    HIDE(4, 200);

    /** Hours in the clamps: overnight (common practice). */
    public static final double CLAMPED_H = 16;

    private static final double DATA_SHEET_C = 20;
    /** Open time halves for so much more heat [K]; common practice. */
    private static final double HALVES_EACH_C = 10;

    private final double openMinutes;
    private final double spreadGramsPerM2;

    Glue(double openMinutes, double spreadGramsPerM2) {
        this.openMinutes = openMinutes;
        this.spreadGramsPerM2 = spreadGramsPerM2;
    }

    /** Time from the first spreading until it must be closed [min], at a temperature of the shop [°C]. */
    public double openMinutes(double shopC) {
        return inShop(openMinutes, shopC);
    }

    /** What an open time at 20 °C [min] becomes at a temperature of the shop [°C], in minutes. */
    public static double inShop(double openMinutes, double shopC) {
        return openMinutes * Math.pow(2, (DATA_SHEET_C - shopC) / HALVES_EACH_C);
    }

    /** How much is spread on a glue line [g/m²]. */
    public double spreadGramsPerM2() {
        return spreadGramsPerM2;
    }
}
