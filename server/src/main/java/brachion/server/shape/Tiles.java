package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.paper.Paper;
import java.util.ArrayList;
import java.util.List;

/**
 * A drawing spread over pages that overlap, turned so that it takes few of them; pages with nothing on them are left out.
 *
 * @param drawing the drawing as it lies
 * @param columns how many pages side by side
 * @param rows    how many above one another
 * @param used    the pages there are, from the upper left on
 * @param leftMm  left edge of the first page in the drawing [mm]
 * @param topMm   upper edge of the first page [mm]
 */
record Tiles(Drawing drawing, int columns, int rows, List<Tile> used, double leftMm, double topMm) {

    /** Round the printed area; hardly any printer prints further out [mm]. */
    static final double MARGIN_MM = 12;
    /** Below it, where the check line stands [mm]. */
    static final double FOOT_MM = 22;
    /** As much is on two pages [mm]. */
    static final double OVERLAP_MM = 10;
    /** As many pages are taken. */
    static final int MOST = 150;
    private static final int TRIED = 36;
    /** Lines are looked at so often to see which pages they cross [mm]. */
    private static final double LOOKED_MM = 2;

    /**
     * One page.
     *
     * @param column from the left, from 0
     * @param row    from the top, from 0
     */
    record Tile(int column, int row) {

        /** What it is called on the map: a letter for its row, a number for its column. */
        String name() {
            return (row < 26 ? "" : Character.toString('A' + row / 26 - 1)) + (char) ('A' + row % 26) + (column + 1);
        }
    }

    static double widthMm(Paper paper) {
        return paper.widthMm() - 2 * MARGIN_MM;
    }

    static double heightMm(Paper paper) {
        return paper.heightMm() - MARGIN_MM - FOOT_MM;
    }

    /**
     * A drawing on a paper.
     *
     * @throws IllegalArgumentException when that takes too many pages
     */
    static Tiles of(Drawing drawing, Paper paper) {
        Tiles best = null;
        for (int turn = 0; turn < TRIED; turn++) {
            Tiles one = laid(turn == 0 ? drawing : drawing.turned(Math.PI * turn / TRIED), paper);
            if (best == null || one.used().size() < best.used().size()) {
                best = one;
            }
        }
        if (best.used().size() > MOST) {
            throw new IllegalArgumentException("At full size this takes " + best.used().size() + " pages; " + MOST + " are printed at most. Take SVG or DXF to a plotter.");
        }
        return best;
    }

    private static Tiles laid(Drawing drawing, Paper paper) {
        double[] box = drawing.box();
        double wide = widthMm(paper) - OVERLAP_MM;
        double high = heightMm(paper) - OVERLAP_MM;
        int columns = Math.max(1, (int) Math.ceil((box[2] - box[0] - OVERLAP_MM) / wide));
        int rows = Math.max(1, (int) Math.ceil((box[3] - box[1] - OVERLAP_MM) / high));
        double left = (box[0] + box[2] - columns * wide - OVERLAP_MM) / 2;
        double top = (box[1] + box[3] + rows * high + OVERLAP_MM) / 2;
        boolean[][] crossed = new boolean[rows][columns];
        for (Drawing.Stroke stroke : drawing.strokes()) {
            for (Place place : along(stroke.trace())) {
                int column = (int) ((place.xMm() - left - OVERLAP_MM / 2) / wide);
                int row = (int) ((top - place.yMm() - OVERLAP_MM / 2) / high);
                crossed[Math.max(0, Math.min(rows - 1, row))][Math.max(0, Math.min(columns - 1, column))] = true;
            }
        }
        List<Tile> used = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (crossed[row][column]) {
                    used.add(new Tile(column, row));
                }
            }
        }
        return new Tiles(drawing, columns, rows, used, left, top);
    }

    private static List<Place> along(Trace trace) {
        List<Place> all = new ArrayList<>();
        List<Place> places = trace.places(LOOKED_MM);
        for (int i = 0; i + 1 < places.size(); i++) {
            Place from = places.get(i);
            Place to = places.get(i + 1);
            int parts = Math.max(1, (int) Math.ceil(from.to(to) / LOOKED_MM));
            for (int part = 0; part <= parts; part++) {
                all.add(from.between(to, (double) part / parts));
            }
        }
        return all;
    }
}
