package brachion.core.process;

import brachion.core.wood.HeatProperties;
import brachion.core.wood.SiauDiffusion;

/**
 * Heat and bound water moving through the section of a piece:
 * <pre>
 * ρc ∂T/∂t = ∇·(k ∇T),   ∂M/∂t = ∇·(D ∇M)
 * </pre>
 * with properties of each place and moment ({@link HeatProperties}, {@link SiauDiffusion}). Finite volumes; each step
 * is implicit, first through the thickness and then across the width (locally one-dimensional splitting, Yanenko
 * 1971), so no step is too long to be stable and water is conserved to rounding. A step is taken whole and again in
 * two halves: the difference is the error that sets the length of the next step, and the two are combined so that it
 * cancels (Richardson extrapolation), which makes the method second order in time.
 *
 * <p>Free water above fibre saturation is carried along but not modelled as a liquid.
 */
final class SectionSimulation {

    /** Error of one step that is let pass [°C] and [% moisture]. */
    private static final double TEMPERATURE_TOLERANCE_C = 0.3;
    private static final double MOISTURE_TOLERANCE_PERCENT = 0.12;
    private static final double FIRST_STEP_S = 0.1;
    private static final double SHORTEST_STEP_S = 1e-4;

    private final SectionGrid grid;
    private final double gravity;
    private final double diffusionFactor;
    private final double stepTolerance;
    private final int layers;
    private final int columns;
    private final double[] conductivity;
    private final double[] capacity;
    private final double[] diffusivity;
    private final double[] upper;
    private final double[] right;
    private double[] temperature;
    private double[] moisture;

    /** Is told of the start and of every step; may end the stage early. */
    interface Watcher {

        /**
         * @param seconds time since the start of the stage [s]
         * @param field   the section at that time
         * @return whether to go on
         */
        boolean at(double seconds, SectionField field);
    }

    /**
     * @param gravity         basic specific gravity of the wood
     * @param diffusionFactor factor on the diffusion of water, 1 unless fitted to weighings
     * @param stepTolerance   factor on the error let pass in a step; smaller is slower and more accurate
     */
    SectionSimulation(SectionGrid grid, SectionField start, double gravity, double diffusionFactor,
                      double stepTolerance) {
        this.grid = grid;
        this.gravity = gravity;
        this.diffusionFactor = diffusionFactor;
        this.stepTolerance = stepTolerance;
        this.layers = grid.layers();
        this.columns = grid.columns();
        this.conductivity = new double[grid.cells()];
        this.capacity = new double[grid.cells()];
        this.diffusivity = new double[grid.cells()];
        this.upper = new double[grid.cells()];
        this.right = new double[grid.cells()];
        this.temperature = start.temperatures();
        this.moisture = start.moistures();
    }

    SectionField field(Surroundings surroundings) {
        return new SectionField(grid, temperature.clone(), moisture.clone(), surroundings, gravity);
    }

    /** Runs a stage of a given length, or until the watcher has seen enough. */
    void run(Surroundings surroundings, double seconds, Watcher watcher) {
        double now = 0;
        double step = Math.min(FIRST_STEP_S, seconds);
        if (!watcher.at(0, field(surroundings))) {
            return;
        }
        while (now < seconds) {
            step = Math.min(step, seconds - now);
            double[] wholeT = temperature.clone();
            double[] wholeM = moisture.clone();
            advance(wholeT, wholeM, surroundings, step);
            double[] halvesT = temperature.clone();
            double[] halvesM = moisture.clone();
            advance(halvesT, halvesM, surroundings, step / 2);
            advance(halvesT, halvesM, surroundings, step / 2);
            double error = error(wholeT, wholeM, halvesT, halvesM);
            if (error <= 1 || step <= SHORTEST_STEP_S) {
                for (int cell = 0; cell < grid.cells(); cell++) {
                    temperature[cell] = 2 * halvesT[cell] - wholeT[cell];
                    moisture[cell] = 2 * halvesM[cell] - wholeM[cell];
                }
                now = seconds - now - step < 1e-9 * seconds ? seconds : now + step;
                if (!watcher.at(now, field(surroundings))) {
                    return;
                }
            }
            step *= Math.max(0.25, Math.min(3, 0.85 / Math.sqrt(Math.max(error, 1e-6))));
        }
    }

    private double error(double[] wholeT, double[] wholeM, double[] halvesT, double[] halvesM) {
        double worstT = 0;
        double worstM = 0;
        for (int cell = 0; cell < wholeT.length; cell++) {
            worstT = Math.max(worstT, Math.abs(wholeT[cell] - halvesT[cell]));
            worstM = Math.max(worstM, Math.abs(wholeM[cell] - halvesM[cell]));
        }
        return Math.max(worstT / TEMPERATURE_TOLERANCE_C, worstM / MOISTURE_TOLERANCE_PERCENT) / stepTolerance;
    }

    /** One implicit step of both fields, in place. */
    private void advance(double[] t, double[] m, Surroundings around, double step) {
        for (int cell = 0; cell < t.length; cell++) {
            conductivity[cell] = HeatProperties.conductivity(gravity, m[cell]);
            capacity[cell] = HeatProperties.volumetricHeatCapacity(gravity, t[cell], m[cell]);
        }
        heatThroughThickness(t, around, step);
        if (columns > 1) {
            heatAcrossWidth(t, around.sides(), step);
        }
        for (int cell = 0; cell < t.length; cell++) {
            diffusivity[cell] = diffusionFactor * SiauDiffusion.transverse(gravity, t[cell], m[cell]);
        }
        waterThroughThickness(m, around, step);
        if (columns > 1) {
            waterAcrossWidth(m, around.sides(), step);
        }
    }

    private void heatThroughThickness(double[] t, Surroundings around, double step) {
        double[] size = grid.thicknessM();
        for (int z = 0; z < columns; z++) {
            double below = faceConductance(around.inner().heatTransfer(), size[0], conductivity[z]);
            double belowValue = around.inner().mediumC();
            for (int x = 0; x < layers; x++) {
                int cell = x * columns + z;
                boolean last = x == layers - 1;
                double above = last
                        ? faceConductance(around.outer().heatTransfer(), size[x], conductivity[cell])
                        : 2 / (size[x] / conductivity[cell] + size[x + 1] / conductivity[cell + columns]);
                eliminate(t, cell, columns, x == 0, below, belowValue, above,
                        last ? around.outer().mediumC() : Double.NaN, capacity[cell] * size[x] / step);
                below = above;
            }
            substitute(t, (layers - 1) * columns + z, columns, layers);
        }
    }

    private void heatAcrossWidth(double[] t, Surface sides, double step) {
        double[] size = grid.widthM();
        for (int x = 0; x < layers; x++) {
            double below = 0;
            for (int z = 0; z < columns; z++) {
                int cell = x * columns + z;
                boolean last = z == columns - 1;
                double above = last ? faceConductance(sides.heatTransfer(), size[z], conductivity[cell])
                        : 2 / (size[z] / conductivity[cell] + size[z + 1] / conductivity[cell + 1]);
                eliminate(t, cell, 1, z == 0, below, 0, above, last ? sides.mediumC() : Double.NaN,
                        capacity[cell] * size[z] / step);
                below = above;
            }
            substitute(t, x * columns + columns - 1, 1, columns);
        }
    }

    private void waterThroughThickness(double[] m, Surroundings around, double step) {
        double[] size = grid.thicknessM();
        for (int z = 0; z < columns; z++) {
            double below = faceConductance(around.inner().massTransferAt(m[z]), size[0], diffusivity[z]);
            for (int x = 0; x < layers; x++) {
                int cell = x * columns + z;
                boolean last = x == layers - 1;
                double above = last
                        ? faceConductance(around.outer().massTransferAt(m[cell]), size[x], diffusivity[cell])
                        : (diffusivity[cell] + diffusivity[cell + columns]) / (size[x] + size[x + 1]);
                eliminate(m, cell, columns, x == 0, below, around.inner().towardsPercent(), above,
                        last ? around.outer().towardsPercent() : Double.NaN, size[x] / step);
                below = above;
            }
            substitute(m, (layers - 1) * columns + z, columns, layers);
        }
    }

    private void waterAcrossWidth(double[] m, Surface sides, double step) {
        double[] size = grid.widthM();
        for (int x = 0; x < layers; x++) {
            double below = 0;
            for (int z = 0; z < columns; z++) {
                int cell = x * columns + z;
                boolean last = z == columns - 1;
                double above = last ? faceConductance(sides.massTransferAt(m[cell]), size[z], diffusivity[cell])
                        : (diffusivity[cell] + diffusivity[cell + 1]) / (size[z] + size[z + 1]);
                eliminate(m, cell, 1, z == 0, below, 0, above, last ? sides.towardsPercent() : Double.NaN,
                        size[z] / step);
                below = above;
            }
            substitute(m, x * columns + columns - 1, 1, columns);
        }
    }

    /** Film and half a cell in series; a closed face has none. */
    private static double faceConductance(double film, double size, double property) {
        return film == 0 ? 0 : 1 / (1 / film + size / (2 * property));
    }

    /**
     * Forward elimination of one cell (Thomas algorithm): storage·(new − old) = below·(lower − new) + above·(upper −
     * new), where a neighbour beyond a face has the given value.
     */
    private void eliminate(double[] values, int cell, int stride, boolean first, double below, double belowValue,
                           double above, double aboveValue, double storage) {
        double diagonal = storage + below + above;
        double known = storage * values[cell];
        if (first) {
            known += below * belowValue;
        } else {
            diagonal -= below * upper[cell - stride];
            known += below * right[cell - stride];
        }
        boolean last = !Double.isNaN(aboveValue);
        if (last) {
            known += above * aboveValue;
        }
        upper[cell] = last ? 0 : above / diagonal;
        right[cell] = known / diagonal;
    }

    private void substitute(double[] values, int lastCell, int stride, int count) {
        double next = right[lastCell];
        values[lastCell] = next;
        for (int i = 1; i < count; i++) {
            int cell = lastCell - i * stride;
            next = right[cell] + upper[cell] * next;
            values[cell] = next;
        }
    }
}
