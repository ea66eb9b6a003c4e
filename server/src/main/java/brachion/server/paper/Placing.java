package brachion.server.paper;

import brachion.core.shape.Place;
import java.util.Locale;

/**
 * Where a drawing of the core comes to lie in a sketch.
 *
 * @param scale millimetres on paper for one
 * @param rightMm what is to the right at the origin [mm]
 * @param downMm  what is down at the origin [mm]
 */
public record Placing(double scale, double rightMm, double downMm) {

    private static final double BESIDE_MM = 26;
    private static final double ABOVE_MM = 2;

    /** A box (left, low, right, high [mm]) as large as there is room for it, in the middle of that room, at full size at most. */
    public static Placing within(double[] box, double leftMm, double topMm, double wideMm, double highMm) {
        double scale = Math.min(1, Math.min(wideMm / Math.max(1e-9, box[2] - box[0]), highMm / Math.max(1e-9, box[3] - box[1])));
        return new Placing(scale, leftMm + wideMm / 2 - scale * (box[0] + box[2]) / 2, topMm + highMm / 2 + scale * (box[1] + box[3]) / 2);
    }

    /**
     * A box in the middle of a drawing that is as wide as the paper, with room to its left and right for its lengths and a little above.
     *
     * @param highestMm as high as it may get [mm]
     */
    public static Placing framed(double[] box, double widthMm, double highestMm) {
        return within(box, BESIDE_MM, ABOVE_MM, widthMm - 2 * BESIDE_MM, framedHighMm(box, widthMm, highestMm) - ABOVE_MM);
    }

    /** How far down such a box reaches [mm]. */
    public static double framedHighMm(double[] box, double widthMm, double highestMm) {
        return ABOVE_MM + Math.min(highestMm, (box[3] - box[1]) * Math.min(1, (widthMm - 2 * BESIDE_MM) / (box[2] - box[0])));
    }

    /** To the right on paper [mm]. */
    public double x(Place place) {
        return rightMm + scale * place.xMm();
    }

    /** Down on paper [mm]. */
    public double y(Place place) {
        return downMm - scale * place.yMm();
    }

    /** How it is said. */
    public String inWords() {
        return inWords(scale);
    }

    /** How a scale is said. */
    public static String inWords(double scale) {
        if (Math.abs(scale - 1) < 1e-9) {
            return "full size";
        }
        double ratio = scale < 1 ? 1 / scale : scale;
        String number = ratio < 10 && Math.abs(ratio - Math.rint(ratio)) > 0.02 ? String.format(Locale.ROOT, "%.1f", ratio) : String.valueOf(Math.round(ratio));
        return scale < 1 ? "1 : " + number : number + " : 1";
    }
}
