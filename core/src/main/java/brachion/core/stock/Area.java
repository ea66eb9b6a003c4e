package brachion.core.stock;

/**
 * A rectangle on the face of a board.
 *
 * @param alongMm  from the board's left end [mm]
 * @param acrossMm from its lower edge [mm]
 * @param lengthMm along the board [mm]
 * @param widthMm  across it [mm]
 */
public record Area(double alongMm, double acrossMm, double lengthMm, double widthMm) {

    /** What a saw or a ruler cannot tell from nothing [mm]. */
    private static final double NOTHING_MM = 1e-6;

    /** Refuses what covers nothing. */
    public Area {
        if (!(lengthMm > 0) || !(widthMm > 0) || !Double.isFinite(alongMm) || !Double.isFinite(acrossMm)) {
            throw new IllegalArgumentException("An area needs a place, a length and a width, not " + lengthMm + " by " + widthMm
                    + " mm at " + alongMm + ", " + acrossMm);
        }
    }

    /** Where it ends along the board [mm]. */
    public double endMm() {
        return alongMm + lengthMm;
    }

    /** Where it ends across the board [mm]. */
    public double topMm() {
        return acrossMm + widthMm;
    }

    /** What it covers [mm²]. */
    public double mm2() {
        return lengthMm * widthMm;
    }

    /** Whether the two share more than an edge. */
    public boolean overlaps(Area other) {
        return alongMm < other.endMm() - NOTHING_MM && other.alongMm < endMm() - NOTHING_MM
                && acrossMm < other.topMm() - NOTHING_MM && other.acrossMm < topMm() - NOTHING_MM;
    }

    /** Whether it lies within another wholly. */
    boolean within(Area other) {
        return alongMm >= other.alongMm - NOTHING_MM && endMm() <= other.endMm() + NOTHING_MM
                && acrossMm >= other.acrossMm - NOTHING_MM && topMm() <= other.topMm() + NOTHING_MM;
    }

    /** The same with so much more beyond its end and its top [mm]. */
    Area longerAndWiderBy(double mm) {
        return new Area(alongMm, acrossMm, lengthMm + mm, widthMm + mm);
    }

    /** The same with so much more all round [mm]. */
    Area widerBy(double mm) {
        return new Area(alongMm - mm, acrossMm - mm, lengthMm + 2 * mm, widthMm + 2 * mm);
    }
}
