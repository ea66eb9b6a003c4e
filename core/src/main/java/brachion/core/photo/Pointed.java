package brachion.core.photo;

/** How well a person points at a place on a picture. */
public final class Pointed {

    /** Standard deviation across any direction, as the picture is shown, with the glass over it (a round number chosen by us) [px of the screen]. */
    private static final double SHOWN_PX = 1;
    /** Finer than that nothing is to be seen on a picture [px of the picture]. */
    private static final double FINEST_PX = 0.5;
    /**
     * A camera held by hand leans by some five degrees, which shortens by 1 − cos 5° what lies along the lean (common practice; the
     * angle is a round number chosen by us).
     */
    private static final double LEAN = 1 - Math.cos(Math.toRadians(5));

    private Pointed() {
    }

    /**
     * Standard deviation of a place pointed at, on the picture [px].
     *
     * @param pictureToShown pixels of the picture on one pixel of the screen
     */
    public static double sdPx(double pictureToShown) {
        return Math.max(FINEST_PX, SHOWN_PX * pictureToShown);
    }

    /** Relative standard deviations that do not hang together, and the lean of the camera, as one. */
    static double together(double... relative) {
        double sum = LEAN * LEAN;
        for (double each : relative) {
            sum += each * each;
        }
        return Math.sqrt(sum);
    }
}
