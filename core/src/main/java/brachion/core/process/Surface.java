package brachion.core.process;

/**
 * What a face of the piece is exposed to.
 *
 * @param heatTransfer    heat transfer coefficient [W/(m²·K)], 0 for a face that is closed to heat
 * @param mediumC         temperature of what lies against the face [°C]
 * @param massTransfer    moisture transfer coefficient β [m/s], 0 for a face that is closed to water
 * @param towardsPercent  moisture content the face tends to [%]
 * @param wettingOnly     whether water may enter but not leave, as under water
 */
public record Surface(double heatTransfer, double mediumC, double massTransfer, double towardsPercent,
                      boolean wettingOnly) {

    /** A face closed to heat and water. */
    public static final Surface CLOSED = new Surface(0, 0, 0, 0, false);

    /** Refuses coefficients below zero. */
    public Surface {
        if (!(heatTransfer >= 0) || !(massTransfer >= 0)) {
            throw new IllegalArgumentException("Transfer coefficients must be zero or more, not " + heatTransfer
                    + " W/(m²·K) and " + massTransfer + " m/s");
        }
    }

    /** A face that exchanges heat and no water. */
    public static Surface heatOnly(double heatTransfer, double mediumC) {
        return new Surface(heatTransfer, mediumC, 0, 0, false);
    }

    /** Mass transfer coefficient towards a cell of this moisture [m/s]. */
    double massTransferAt(double moisturePercent) {
        return wettingOnly && moisturePercent > towardsPercent ? 0 : massTransfer;
    }
}
