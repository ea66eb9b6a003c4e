package brachion.core.process;

import brachion.core.wood.HeatProperties;
import brachion.core.wood.SiauDiffusion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

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
 * <p>While both faces have seen the same, the outer half does what the inner half does, and only that is followed.
 *
 * <p>Free water above fibre saturation is carried along but not modelled as a liquid.
 */
final class SectionSimulation {

    /** Error of one step that is let pass [°C] and [% moisture]. */
    private static final double TEMPERATURE_TOLERANCE_C = 0.6;
    private static final double MOISTURE_TOLERANCE_PERCENT = 0.25;
    private static final double FIRST_STEP_S = 0.1;
    private static final double SHORTEST_STEP_S = 1e-4;
    private static final double ROUNDING = 1e-9;
    /** A stage, or what is left of one, shorter than this changes nothing that could be told from rounding. */
    private static final double NO_TIME_S = 1e-7;

    private final SectionGrid whole;
    private final SectionGrid grid;
    private final Stage.Environment environment;
    /** Whether only the inner half is followed, because the outer does the same. */
    private final boolean mirrored;
    private final double gravity;
    private final double diffusionFactor;
    private final double stepTolerance;
    private final Sweep throughThickness;
    private final Sweep acrossWidth;
    private final double[] conductivity;
    private final double[] capacity;
    private final double[] diffusion;
    /** Moisture is its own storage: one for each cell. */
    private final double[] one;
    private final double[] temperature;
    private final double[] moisture;
    /** Time since the start of the stage and length of the next step [s]. */
    private double now;
    private double step = FIRST_STEP_S;

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
     * @param whole           the section
     * @param start           how it is before the stage
     * @param environment     what its faces see during the stage
     * @param gravity         basic specific gravity of the wood
     * @param diffusionFactor factor on the diffusion of water, 1 unless fitted to weighings
     * @param stepTolerance   factor on the error let pass in a step; smaller is slower and more accurate
     */
    SectionSimulation(SectionGrid whole, SectionField start, Stage.Environment environment, double gravity,
                      double diffusionFactor, double stepTolerance) {
        this.whole = whole;
        this.environment = environment;
        this.mirrored = environment.facesAlike() && start.mirrored();
        this.grid = mirrored ? whole.innerHalf() : whole;
        this.gravity = gravity;
        this.diffusionFactor = diffusionFactor;
        this.stepTolerance = stepTolerance;
        this.throughThickness = Sweep.throughThickness(grid);
        this.acrossWidth = Sweep.acrossWidth(grid);
        this.conductivity = new double[grid.cells()];
        this.capacity = new double[grid.cells()];
        this.diffusion = new double[grid.cells()];
        this.one = new double[grid.cells()];
        Arrays.fill(one, 1);
        this.temperature = Arrays.copyOf(start.temperatures(), grid.cells());
        this.moisture = Arrays.copyOf(start.moistures(), grid.cells());
    }

    /** The same section at the same moment, to go its own way. */
    private SectionSimulation(SectionSimulation other) {
        this(other.whole, other.field(), other.environment, other.gravity, other.diffusionFactor, other.stepTolerance);
        this.now = other.now;
        this.step = other.step;
    }

    private SectionField field() {
        return new SectionField(whole, wholeOf(temperature), wholeOf(moisture), environment.at(now), gravity);
    }

    private double[] wholeOf(double[] values) {
        if (!mirrored) {
            return values.clone();
        }
        double[] all = Arrays.copyOf(values, 2 * values.length);
        for (int cell = 0; cell < values.length; cell++) {
            int layer = 2 * grid.layers() - 1 - cell / grid.columns();
            all[layer * grid.columns() + cell % grid.columns()] = values[cell];
        }
        return all;
    }

    /** Runs a stage of a given length, or what is left of it; the section at its end. */
    SectionField run(double seconds) {
        while (now < seconds) {
            step(seconds);
        }
        return field();
    }

    /** The same, or until the watcher has seen enough. */
    SectionField run(double seconds, Watcher watcher) {
        SectionField field = field();
        boolean goOn = watcher.at(0, field);
        while (goOn && now < seconds) {
            if (step(seconds)) {
                field = field();
                goOn = watcher.at(now, field);
            }
        }
        return field;
    }

    /**
     * The section at several times of a stage, each exactly as it would be if the stage had ended there: up to the last
     * whole step before its end, a short stage is the beginning of a long one.
     *
     * @param ends ends of the stage [s], rising
     */
    List<SectionField> runToEach(double[] ends) {
        List<SectionField> reached = new ArrayList<>();
        for (double end : ends) {
            while (!wouldReach(end)) {
                step(end);
            }
            reached.add(new SectionSimulation(this).run(end));
        }
        return reached;
    }

    /** Whether the next step is cut short, or stretched by rounding, to end a stage. */
    private boolean wouldReach(double end) {
        return end - now - step < ROUNDING * end;
    }

    /** Tries a step towards the end of a stage and chooses the length of the next; whether it was taken. */
    private boolean step(double end) {
        if (end - now < NO_TIME_S) {
            now = end;
            return true;
        }
        double length = Math.min(step, end - now);
        Surroundings halfway = environment.at(now + length / 2);
        Surroundings after = environment.at(now + length);
        readProperties(temperature, moisture);
        double[] wholeT = temperature.clone();
        double[] wholeM = moisture.clone();
        advance(wholeT, wholeM, after, length);
        double[] halvesT = temperature.clone();
        double[] halvesM = moisture.clone();
        advance(halvesT, halvesM, halfway, length / 2);
        readProperties(halvesT, halvesM);
        advance(halvesT, halvesM, after, length / 2);
        double error = error(wholeT, wholeM, halvesT, halvesM);
        if (Double.isNaN(error)) {
            throw new IllegalStateException("The section is no longer finite after " + now + " s");
        }
        boolean taken = error <= 1 || length <= SHORTEST_STEP_S;
        if (taken) {
            for (int cell = 0; cell < grid.cells(); cell++) {
                temperature[cell] = 2 * halvesT[cell] - wholeT[cell];
                moisture[cell] = 2 * halvesM[cell] - wholeM[cell];
            }
            now = end - now - length < ROUNDING * end ? end : now + length;
        }
        step = length * Math.max(0.25, Math.min(3, 0.85 / Math.sqrt(Math.max(error, 1e-6))));
        return taken;
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
        sweep(m, diffusion, one, around, Exchange.WATER, step);
    }

    /** Through the thickness column by column, then across the width layer by layer; the middle is a closed face. */
    private void sweep(double[] values, double[] transport, double[] storage, Surroundings around, Exchange exchange,
                       double step) {
        throughThickness.step(values, transport, storage, exchange, around.inner(), mirrored ? Surface.CLOSED : around.outer(), step);
        if (grid.columns() > 1) {
            acrossWidth.step(values, transport, storage, exchange, Surface.CLOSED, around.sides(), step);
        }
    }
}
