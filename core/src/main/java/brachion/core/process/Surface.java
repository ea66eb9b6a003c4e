package brachion.core.process;

/**
 * What a face of the piece is exposed to.
 *
 * @param heatTransfer    heat transfer coefficient [W/(m²·K)], 0 for a face that is closed to heat
 * @param mediumC         temperature of what lies against the face [°C]
 * @param wetting         moisture transfer coefficient β into the wood [m/s], 0 for a face that lets no water in
 * @param drying          the same out of the wood [m/s], 0 for a face that lets none out, as under water
 * @param towardsPercent  moisture content the face tends to [%]
 */
public record Surface(double heatTransfer, double mediumC, double wetting, double drying, double towardsPercent) {

    /** A face closed to heat and water. */
    public static final Surface CLOSED = new Surface(0, 0, 0, 0, 0);

    /** Refuses coefficients below zero. */
    public Surface {
        if (!(heatTransfer >= 0) || !(wetting >= 0) || !(drying >= 0)) {
            throw new IllegalArgumentException("Transfer coefficients must be zero or more, not " + heatTransfer
                    + " W/(m²·K), " + wetting + " and " + drying + " m/s");
        }
    }

    /** A face that exchanges heat and no water. */
    public static Surface heatOnly(double heatTransfer, double mediumC) {
        return new Surface(heatTransfer, mediumC, 0, 0, 0);
    }

    /** Mass transfer coefficient towards a cell of this moisture [m/s]. */
    double massTransferAt(double moisturePercent) {
        return moisturePercent > towardsPercent ? drying : wetting;
    }
}
