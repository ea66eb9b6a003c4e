package brachion.core.risk;

import brachion.core.method.Demand;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.risk.OrdinalModel.Observation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * The learned risk: for each method and failure mode an {@link OrdinalModel} of severity on
 * <pre>η = b·ln D + β_knots·(knots in the bend)</pre>
 * with D the ratio of demand to capacity. Before any record, D = 1 breaks one piece in twenty, which is how the
 * published radii are defined, and pieces scatter by about 20 to 30 % in the strain at which they fail (b ~ 6; common
 * practice). Inputs that nobody measured enter a record by their mean ln D.
 */
public final class RiskModel {

    /** Prior of α_1, γ, b and the effect of knots; the first three from the text above, the fourth chosen by us. */
    private static final NormalPrior PRIOR = new NormalPrior(
            new double[] {1.75, Math.log(1.2), 6, 1.2},
            new double[] {1, 0.4, 1.5, 0.6});
    private static final int SLOPE = OrdinalModel.CUTS;
    private static final int KNOTS = OrdinalModel.CUTS + 1;

    private final Map<MethodKind, Map<FailureMode, LaplaceFit>> fits;
    private final Map<MethodKind, List<Point>> points;
    private final int trials;

    /** Where a recorded trial stands: its features for each mode. */
    private record Point(Outcome outcome, Map<FailureMode, double[]> features) {
    }

    private RiskModel(Map<MethodKind, List<Point>> points, int trials) {
        this.points = points;
        this.trials = trials;
        this.fits = new EnumMap<>(MethodKind.class);
        for (MethodKind kind : MethodKind.values()) {
            Map<FailureMode, LaplaceFit> byMode = new EnumMap<>(FailureMode.class);
            for (FailureMode mode : FailureMode.values()) {
                byMode.put(mode, LaplaceFit.of(new OrdinalModel(observations(points.get(kind), mode), PRIOR)));
            }
            fits.put(kind, byMode);
        }
    }

    /** What published radii alone say. */
    public static RiskModel withoutRecords() {
        return fit(List.of());
    }

    /** Fits all records. The order they come in makes no difference. */
    public static RiskModel fit(List<Trial> trials) {
        Map<MethodKind, List<Point>> points = new EnumMap<>(MethodKind.class);
        for (MethodKind kind : MethodKind.values()) {
            points.put(kind, new ArrayList<>());
        }
        for (Trial trial : trials) {
            points.get(trial.recipe().method().kind()).add(point(trial));
        }
        return new RiskModel(points, trials.size());
    }

    private static Point point(Trial trial) {
        Map<FailureMode, double[]> features = new EnumMap<>(FailureMode.class);
        List<Weighted<Recipe>> possible = UnknownInputs.possibilities(trial.recipe());
        for (FailureMode mode : FailureMode.values()) {
            features.put(mode, new double[2]);
        }
        for (Weighted<Recipe> recipe : possible) {
            Demand demand = recipe.value().demand();
            for (FailureMode mode : FailureMode.values()) {
                double[] at = features(mode, recipe.value(), demand);
                for (int i = 0; i < at.length; i++) {
                    features.get(mode)[i] += recipe.weight() * at[i];
                }
            }
        }
        return new Point(trial.outcome(), features);
    }

    private static double[] features(FailureMode mode, Recipe recipe, Demand demand) {
        return new double[] {Math.log(mode.ratio(demand)), recipe.blank().knots() == Knots.IN_BEND ? 1 : 0};
    }

    private static List<Observation> observations(List<Point> points, FailureMode mode) {
        List<Observation> seen = new ArrayList<>();
        for (Point point : points) {
            OptionalInt severity = point.outcome().severityOf(mode);
            if (severity.isPresent()) {
                seen.add(new Observation(point.features().get(mode), severity.getAsInt(), 1));
            }
        }
        // floating-point sums depend on their order; sorted, the same records always give the same fit
        seen.sort(Comparator.comparingInt(Observation::severity)
                .thenComparingDouble(o -> o.features()[0]).thenComparingDouble(o -> o.features()[1]));
        return seen;
    }

    /** How many trials the fit rests on, of all methods. */
    public int trials() {
        return trials;
    }

    /** How many trials the fit of one method rests on. */
    public int trials(MethodKind kind) {
        return points.get(kind).size();
    }

    /**
     * How far a piece stands from a severity in one mode.
     *
     * @param worst  the worst severity still accepted: CLEAN or FLAW
     * @param recipe the recipe, everything known
     * @param demand what it asks of the wood
     */
    public Margin margin(FailureMode mode, Severity worst, Recipe recipe, Demand demand) {
        return fits.get(recipe.method().kind()).get(mode).margin(worst.ordinal(), features(mode, recipe, demand));
    }

    /** Rise of the log odds of damage when ln D rises by one, as fitted for a mode of a method. */
    public double slope(MethodKind kind, FailureMode mode) {
        return fits.get(kind).get(mode).mode()[SLOPE];
    }

    /** Rise of the log odds of damage from knots in the bend, as fitted for a mode of a method. */
    public double knotEffect(MethodKind kind, FailureMode mode) {
        return fits.get(kind).get(mode).mode()[KNOTS];
    }

    /** How many records of a method asked of the wood what this asks, within a factor in both ratios. */
    public int recordsNear(MethodKind kind, Demand demand, double factor) {
        return (int) points.get(kind).stream().filter(point -> {
            for (FailureMode mode : FailureMode.values()) {
                double off = point.features().get(mode)[0] - Math.log(mode.ratio(demand));
                if (Math.abs(off) > Math.log(factor)) {
                    return false;
                }
            }
            return true;
        }).count();
    }

    /** The largest D any record of a method had in a mode; zero without records. */
    public double hardestRecord(MethodKind kind, FailureMode mode) {
        return points.get(kind).stream().mapToDouble(point -> Math.exp(point.features().get(mode)[0])).max()
                .orElse(0);
    }
}
