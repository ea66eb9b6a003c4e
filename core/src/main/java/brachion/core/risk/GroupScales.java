package brachion.core.risk;

import brachion.core.risk.OrdinalModel.Observation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/**
 * How much people, boards and sources differ: for each group the standard deviation of its effects that makes the
 * records most probable (the Laplace evidence), times a half-normal prior of scale 0.5. It is sought on the logarithm,
 * which keeps it from collapsing to zero while the records say little (compare Chung et al., Psychometrika 78, 2013);
 * with nothing to go by it stays at 0.5.
 */
final class GroupScales {

    static final double PRIOR_SCALE = 0.5;
    private static final Group[] FITTED = {Group.PERSON, Group.BOARD, Group.SOURCE};
    private static final double LOWEST_LOG = Math.log(0.02);
    private static final double HIGHEST_LOG = Math.log(2.5);
    /** Scales are found to about a tenth; a forecast does not feel the difference. */
    private static final double TOLERANCE = 0.05;
    /** While scales are compared, the fit need be no closer to its mode than this rise of the log posterior. */
    private static final double ROUGH = 1e-4;
    private static final int SWEEPS = 2;
    private static final int MOST_EVALUATIONS = 60;

    private final ModeRisk risk;
    private final Layout layout;
    private final List<Observation> observations;
    private final double[] speciesSds;
    private final Map<Group, Double> sds = new EnumMap<>(Group.class);
    private LaplaceFit latest;

    /** @param speciesSds how far each species of the layout may stray, in its order */
    GroupScales(ModeRisk risk, Layout layout, List<Observation> observations, double[] speciesSds) {
        this.risk = risk;
        this.layout = layout;
        this.observations = observations;
        this.speciesSds = speciesSds;
    }

    /** Scales of the groups that have members, after {@link #fit()}. */
    Map<Group, Double> sds() {
        return sds;
    }

    /** Finds the scales and gives the fit under them. */
    LaplaceFit fit() {
        List<Group> present = Arrays.stream(FITTED).filter(group -> !layout.members(group).isEmpty()).toList();
        present.forEach(group -> sds.put(group, PRIOR_SCALE));
        latest = LaplaceFit.of(new OrdinalModel(observations, prior()));
        // one group is settled by one search; several lean on each other
        int sweeps = present.size() > 1 ? SWEEPS : 1;
        for (int sweep = 0; sweep < sweeps; sweep++) {
            double moved = 0;
            for (Group group : present) {
                double before = Math.log(sds.get(group));
                moved = Math.max(moved, Math.abs(settle(group) - before));
            }
            if (moved < 2 * TOLERANCE) {
                break;
            }
        }
        latest = LaplaceFit.from(new OrdinalModel(observations, prior()), latest.mode());
        return latest;
    }

    private double settle(Group group) {
        double found = new BrentOptimizer(TOLERANCE, TOLERANCE).optimize(new MaxEval(MOST_EVALUATIONS),
                new UnivariateObjectiveFunction(logSd -> evidence(group, logSd)), GoalType.MAXIMIZE,
                new SearchInterval(LOWEST_LOG, HIGHEST_LOG, Math.log(sds.get(group)))).getPoint();
        sds.put(group, Math.exp(found));
        return found;
    }

    private double evidence(Group group, double logSd) {
        double before = sds.put(group, Math.exp(logSd));
        latest = LaplaceFit.from(new OrdinalModel(observations, prior()), latest.mode(), ROUGH);
        sds.put(group, before);
        double relative = Math.exp(logSd) / PRIOR_SCALE;
        return latest.logEvidence() + logSd - relative * relative / 2;
    }

    /** Priors of α_1, γ, b, the covariates and the members of each group, in the order of the layout. */
    private NormalPrior prior() {
        List<double[]> each = new ArrayList<>(List.of(new double[] {1.75, 1}, new double[] {Math.log(1.2), 0.4},
                new double[] {risk.slopeMean(), risk.slopeSd()}));
        risk.covariates().forEach(covariate -> each.add(new double[] {covariate.priorMean(), covariate.priorSd()}));
        Arrays.stream(speciesSds).forEach(sd -> each.add(new double[] {0, sd}));
        for (Group group : FITTED) {
            layout.members(group).forEach((name, place) -> each.add(new double[] {0, sds.get(group)}));
        }
        return new NormalPrior(each.stream().mapToDouble(p -> p[0]).toArray(), each.stream().mapToDouble(p -> p[1]).toArray());
    }
}
