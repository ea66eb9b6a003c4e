package brachion.core.process;

import java.util.Arrays;

/**
 * The cells of a section: over the full thickness, and over half the width, because both edges see the same. Cells
 * are thin under the faces, where heat and water move fastest, and grow towards the core.
 *
 * @param thicknessM thickness of each layer [m], inner face first
 * @param widthM     width of each column [m], the middle of the piece first
 */
record SectionGrid(double[] thicknessM, double[] widthM) {

    /** How much larger a core cell is than one at the face, and over which share of the cells they grow. */
    private static final double RATIO = 40;
    private static final double GRADED_SHARE = 0.7;

    /**
     * @param thicknessMm thickness of the piece [mm]
     * @param widthMm     width of the piece [mm]; positive infinity when edges do not matter
     * @param layers      layers over the thickness, an even number
     * @param columns     columns over half the width; one when the width is infinite
     */
    static SectionGrid of(double thicknessMm, double widthMm, int layers, int columns) {
        double[] half = graded(thicknessMm / 2000, layers / 2);
        double[] full = new double[layers];
        for (int i = 0; i < layers / 2; i++) {
            full[i] = half[i];
            full[layers - 1 - i] = half[i];
        }
        if (Double.isInfinite(widthMm)) {
            return new SectionGrid(full, new double[] {1});
        }
        double[] fromEdge = graded(widthMm / 2000, columns);
        double[] fromMiddle = new double[columns];
        for (int i = 0; i < columns; i++) {
            fromMiddle[i] = fromEdge[columns - 1 - i];
        }
        return new SectionGrid(full, fromMiddle);
    }

    private static double[] graded(double length, int cells) {
        double[] sizes = new double[cells];
        double sum = 0;
        for (int i = 0; i < cells; i++) {
            double along = (double) i / cells;
            sizes[i] = Math.exp(Math.log(RATIO) * Math.min(along / GRADED_SHARE, 1));
            sum += sizes[i];
        }
        for (int i = 0; i < cells; i++) {
            sizes[i] *= length / sum;
        }
        return sizes;
    }

    /** The layers from the inner face to the middle. */
    SectionGrid innerHalf() {
        return new SectionGrid(Arrays.copyOf(thicknessM, layers() / 2), widthM);
    }

    int layers() {
        return thicknessM.length;
    }

    int columns() {
        return widthM.length;
    }

    int cells() {
        return layers() * columns();
    }
}
