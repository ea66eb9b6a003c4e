package brachion.core.process;

/**
 * One implicit step in one direction of a section: every line of cells from face to face is a tridiagonal system, solved
 * by elimination (Thomas algorithm). The lines know nothing of each other and go forward side by side, cell by cell, so
 * that no division waits for the one before it.
 */
final class Sweep {

    private final int lines;
    private final int alongLine;
    private final int toNextLine;
    private final double[] size;
    /** 1 / (size of a cell + size of the next) [1/m]. */
    private final double[] perDistance;
    private final double[] upper;
    private final double[] right;
    private final double[] below;
    private final double[] carried;
    private final double[] eased;

    /**
     * @param lines      how many lines there are
     * @param alongLine  cells between one of a line and the next
     * @param toNextLine cells between one of a line and the same of the next line
     * @param size       sizes of the cells along a line [m]
     */
    private Sweep(int lines, int alongLine, int toNextLine, double[] size) {
        this.lines = lines;
        this.alongLine = alongLine;
        this.toNextLine = toNextLine;
        this.size = size;
        this.perDistance = new double[size.length - 1];
        for (int i = 0; i < perDistance.length; i++) {
            perDistance[i] = 1 / (size[i] + size[i + 1]);
        }
        this.upper = new double[lines * size.length];
        this.right = new double[lines * size.length];
        this.below = new double[lines];
        this.carried = new double[lines];
        this.eased = new double[lines];
    }

    static Sweep throughThickness(SectionGrid grid) {
        return new Sweep(grid.columns(), grid.columns(), 1, grid.thicknessM());
    }

    static Sweep acrossWidth(SectionGrid grid) {
        return new Sweep(grid.layers(), 1, grid.columns(), grid.widthM());
    }

    /**
     * Takes a step, in place.
     *
     * @param values    temperature or moisture of every cell
     * @param transport conductivity or diffusion of every cell
     * @param storage   what a cell holds for each degree or per cent, for each m³
     * @param near      face at the first cell of each line
     * @param far       face at the last
     * @param seconds   length of the step [s]
     */
    void step(double[] values, double[] transport, double[] storage, Exchange exchange, Surface near, Surface far,
              double seconds) {
        enter(values, transport, exchange, near);
        int last = size.length - 1;
        for (int i = 0; i < last; i++) {
            eliminate(values, transport, storage, i, size[i] / seconds);
        }
        leave(values, transport, storage, exchange, far, size[last] / seconds);
        for (int i = last - 1; i >= 0; i--) {
            int cell = i * alongLine;
            for (int line = 0; line < lines; line++, cell += toNextLine) {
                values[cell] = right[cell] + upper[cell] * values[cell + alongLine];
            }
        }
    }

    private void enter(double[] values, double[] transport, Exchange exchange, Surface near) {
        double medium = exchange.medium(near);
        for (int line = 0; line < lines; line++) {
            int cell = line * toNextLine;
            below[line] = faceConductance(exchange.film(near, values[cell]), size[0], transport[cell]);
            carried[line] = below[line] * medium;
            eased[line] = 0;
        }
    }

    private void eliminate(double[] values, double[] transport, double[] storage, int i, double sizePerSecond) {
        double perBoth = perDistance[i];
        int cell = i * alongLine;
        for (int line = 0; line < lines; line++, cell += toNextLine) {
            double above = (transport[cell] + transport[cell + alongLine]) * perBoth;
            double held = storage[cell] * sizePerSecond;
            double perDiagonal = 1 / (held + below[line] + above - eased[line]);
            double passed = above * perDiagonal;
            double known = (held * values[cell] + carried[line]) * perDiagonal;
            upper[cell] = passed;
            right[cell] = known;
            below[line] = above;
            carried[line] = above * known;
            eased[line] = above * passed;
        }
    }

    private void leave(double[] values, double[] transport, double[] storage, Exchange exchange, Surface far,
                       double sizePerSecond) {
        int last = size.length - 1;
        double medium = exchange.medium(far);
        int cell = last * alongLine;
        for (int line = 0; line < lines; line++, cell += toNextLine) {
            double above = faceConductance(exchange.film(far, values[cell]), size[last], transport[cell]);
            double held = storage[cell] * sizePerSecond;
            values[cell] = (held * values[cell] + carried[line] + above * medium) / (held + below[line] + above - eased[line]);
        }
    }

    /** Film and half a cell in series; a closed face has none. */
    private static double faceConductance(double film, double size, double property) {
        return film == 0 ? 0 : 1 / (1 / film + size / (2 * property));
    }
}
