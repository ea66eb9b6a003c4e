package brachion.core.process;

import brachion.core.wood.HeatProperties;
import brachion.core.wood.SiauDiffusion;
import java.util.Arrays;

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
    private static final double TEMPERATURE_TOLERANCE_C = 0.6;
    private static final double MOISTURE_TOLERANCE_PERCENT = 0.25;
    private static final double FIRST_STEP_S = 0.1;
    private static final double SHORTEST_STEP_S = 1e-4;

    private final SectionGrid grid;
    private final double gravity;
    private final double diffusionFactor;
    private final double stepTolerance;
    private final Sweep throughThickness;
    private final Sweep acrossWidth;
    private final double[] conductivity;
    private final double[] capacity;
    private final double[] diffusion;
    /** Moisture is its own storage: one for each cell. */
    private final double[] whole;
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
        this.throughThickness = Sweep.throughThickness(grid);
        this.acrossWidth = Sweep.acrossWidth(grid);
        this.conductivity = new double[grid.cells()];
        this.capacity = new double[grid.cells()];
        this.diffusion = new double[grid.cells()];
        this.whole = new double[grid.cells()];
        Arrays.fill(whole, 1);
        this.temperature = start.temperatures();
        this.moisture = start.moistures();
    }

    private SectionField field(Surroundings surroundings) {
        return new SectionField(grid, temperature.clone(), moisture.clone(), surroundings, gravity);
    }

    /** Runs a stage of a given length, or until the watcher has seen enough; the section at its end. */
    SectionField run(Stage.Environment environment, double seconds, Watcher watcher) {
        double now = 0;
        double step = Math.min(FIRST_STEP_S, seconds);
        SectionField field = field(environment.at(0));
        boolean goOn = watcher.at(0, field);
        while (goOn && now < seconds) {
            step = Math.min(step, seconds - now);
            Surroundings halfway = environment.at(now + step / 2);
            Surroundings after = environment.at(now + step);
            readProperties(temperature, moisture);
            double[] wholeT = temperature.clone();
            double[] wholeM = moisture.clone();
            advance(wholeT, wholeM, after, step);
            double[] halvesT = temperature.clone();
            double[] halvesM = moisture.clone();
            advance(halvesT, halvesM, halfway, step / 2);
            readProperties(halvesT, halvesM);
            advance(halvesT, halvesM, after, step / 2);
            double error = error(wholeT, wholeM, halvesT, halvesM);
            if (error <= 1 || step <= SHORTEST_STEP_S) {
                for (int cell = 0; cell < grid.cells(); cell++) {
                    temperature[cell] = 2 * halvesT[cell] - wholeT[cell];
                    moisture[cell] = 2 * halvesM[cell] - wholeM[cell];
                }
                now = seconds - now - step < 1e-9 * seconds ? seconds : now + step;
                field = field(after);
                goOn = watcher.at(now, field);
            }
            step *= Math.max(0.25, Math.min(3, 0.85 / Math.sqrt(Math.max(error, 1e-6))));
        }
        return field;
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

    /** Takes the properties of each place as it is now; the whole step and the first half start from the same. */
    private void readProperties(double[] t, double[] m) {
        for (int cell = 0; cell < t.length; cell++) {
            conductivity[cell] = HeatProperties.conductivity(gravity, m[cell]);
            capacity[cell] = HeatProperties.volumetricHeatCapacity(gravity, t[cell], m[cell]);
            diffusion[cell] = diffusionFactor * SiauDiffusion.transverse(gravity, t[cell], m[cell]);
        }
    }

    /** One implicit step of both fields, in place. */
    private void advance(double[] t, double[] m, Surroundings around, double step) {
        sweep(t, conductivity, capacity, around, Exchange.HEAT, step);
        sweep(m, diffusion, whole, around, Exchange.WATER, step);
    }

    /** Through the thickness column by column, then across the width layer by layer; the middle is a closed face. */
    private void sweep(double[] values, double[] transport, double[] storage, Surroundings around, Exchange exchange,
                       double step) {
        throughThickness.step(values, transport, storage, exchange, around.inner(), around.outer(), step);
        if (grid.columns() > 1) {
            acrossWidth.step(values, transport, storage, exchange, Surface.CLOSED, around.sides(), step);
        }
    }
}
