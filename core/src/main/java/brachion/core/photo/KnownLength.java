package brachion.core.photo;

/**
 * Something on the picture whose length is known, such as a rule, in the plane of what is measured.
 *
 * @param from one end
 * @param to   the other end
 * @param mm   its length [mm]
 */
public record KnownLength(Spot from, Spot to, double mm) {

    /** Refuses a length of nothing, and two ends at one place. */
    public KnownLength {
        if (!(mm > 0) || !(from.to(to) > 0)) {
            throw new IllegalArgumentException("A known length needs two ends apart and a length above zero");
        }
    }

    private double mmPerPx() {
        return mm / from.to(to);
    }

    /** Each end is off on its own: √2·σ over its length in pixels. */
    private double relativeSd(double sdPx) {
        return Math.sqrt(2) * sdPx / from.to(to);
    }

    /**
     * A length on the picture in millimetres.
     *
     * @param px       the length [px]
     * @param sdOfItPx its standard deviation [px]
     * @param sdPx     standard deviation of a place pointed at [px]
     */
    Measured of(double px, double sdOfItPx, double sdPx) {
        double mmOfIt = px * mmPerPx();
        return new Measured(mmOfIt, mmOfIt * Pointed.together(sdOfItPx / px, relativeSd(sdPx)));
    }

    /**
     * How far two places are apart, such as the ends of a gap.
     *
     * @param sdPx standard deviation of a place pointed at [px]
     */
    public Measured between(Spot one, Spot other, double sdPx) {
        double px = one.to(other);
        if (!(px > 0)) {
            throw new IllegalArgumentException("Two places apart are needed");
        }
        return of(px, Math.sqrt(2) * sdPx, sdPx);
    }
}
