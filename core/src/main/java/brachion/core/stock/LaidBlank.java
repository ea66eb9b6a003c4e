package brachion.core.stock;

/**
 * A blank laid on a board.
 *
 * @param area       where it lies
 * @param bentFromMm where its bend begins, from its left end [mm]
 * @param bentToMm   where it ends [mm]
 */
public record LaidBlank(Area area, double bentFromMm, double bentToMm) {

    /** Refuses a bend that is not on the blank. */
    public LaidBlank {
        if (!(bentFromMm >= 0) || !(bentToMm > bentFromMm) || !(bentToMm <= area.lengthMm())) {
            throw new IllegalArgumentException("A bend from " + bentFromMm + " to " + bentToMm + " mm does not lie on a blank of "
                    + area.lengthMm() + " mm");
        }
    }

    /** The part of it that is bent. */
    public Area bend() {
        return new Area(area.alongMm() + bentFromMm, area.acrossMm(), bentToMm - bentFromMm, area.widthMm());
    }

    /** The same at another place [mm]. */
    LaidBlank at(double alongMm, double acrossMm) {
        return new LaidBlank(new Area(alongMm, acrossMm, area.lengthMm(), area.widthMm()), bentFromMm, bentToMm);
    }
}
