package brachion.core.process;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.SectionSimulation.Watcher;
import java.util.List;

/**
 * A piece on its way through stages. Each stage carries on where the last one ended.
 *
 * <p>The grid is fine enough that halving its cells, and tightening the steps tenfold, changes mean moisture, core
 * temperature and mean softness by less than 1 %; a test holds that.
 */
public final class ProcessSimulation {

    private static final int LAYERS = 16;
    private static final int COLUMNS = 6;

    private final SectionGrid grid;
    private final double gravity;
    private final Physics physics;
    private final double stepTolerance;
    private SectionField field;

    /** A piece before anything is done to it. */
    public ProcessSimulation(Piece piece) {
        this(piece, Physics.USUAL);
    }

    /** The same where the constants of heat and water are not the usual ones. */
    public ProcessSimulation(Piece piece, Physics physics) {
        this(piece, physics, LAYERS, COLUMNS, 1);
    }

    ProcessSimulation(Piece piece, Physics physics, int layers, int columns, double stepTolerance) {
        this.grid = SectionGrid.of(piece.thicknessMm(), piece.widthMm(), layers, columns);
        this.gravity = piece.basicSpecificGravity();
        this.physics = physics;
        this.stepTolerance = stepTolerance;
        this.field = SectionField.uniform(grid, piece.celsius(), piece.moisturePercent(), gravity);
    }

    private ProcessSimulation(ProcessSimulation other) {
        this.grid = other.grid;
        this.gravity = other.gravity;
        this.physics = other.physics;
        this.stepTolerance = other.stepTolerance;
        this.field = other.field;
    }

    /** Another piece in the same state, so that what would happen otherwise can be tried. */
    public ProcessSimulation copy() {
        return new ProcessSimulation(this);
    }

    /** The section now. */
    public SectionField field() {
        return field;
    }

    /** What the fibres of each depth are like now. */
    public SectionCondition condition() {
        return field.condition(physics.softeningShiftC());
    }

    /** Goes through a stage. */
    public SectionField run(Stage stage) {
        field = simulation(stage.environment(physics)).run(stage.seconds());
        return field;
    }

    /**
     * This piece after each of several lengths of a stage, exactly as if each had been gone through by itself; it costs
     * little more than the longest.
     *
     * @param stage   what is done, whose own length does not matter
     * @param seconds the lengths [s], rising
     */
    public List<ProcessSimulation> afterEach(Stage stage, double... seconds) {
        return simulation(stage.environment(physics)).runToEach(seconds).stream().map(reached -> {
            ProcessSimulation after = copy();
            after.field = reached;
            return after;
        }).toList();
    }

    SectionField run(Stage stage, Watcher watcher) {
        return run(stage.environment(physics), stage.seconds(), watcher);
    }

    SectionField run(Surroundings surroundings, double seconds, Watcher watcher) {
        return run(at -> surroundings, seconds, watcher);
    }

    private SectionField run(Stage.Environment environment, double seconds, Watcher watcher) {
        field = simulation(environment).run(seconds, watcher);
        return field;
    }

    private SectionSimulation simulation(Stage.Environment environment) {
        return new SectionSimulation(grid, field, environment, gravity, physics.waterUptake(), stepTolerance);
    }
}
