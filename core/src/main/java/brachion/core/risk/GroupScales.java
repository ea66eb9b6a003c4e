package brachion.core.risk;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/**
 * How much people, boards and sources differ: for each group the standard deviation σ of its effects that makes the
 * records most probable (the Laplace evidence), times a half-normal prior of scale 0.5. It is sought on s = ln σ,
 * which keeps it from collapsing to zero while the records say little (compare Chung et al., Psychometrika 78, 2013);
 * with nothing to go by it stays at 0.5.
 *
 * <p>With A the negative Hessian at the mode θ, B_k = 1/σ_k² on the n_k members of group k and zero elsewhere, and
 * d_k = 2·A⁻¹·B_k·θ how the mode moves with s_k, the evidence rises with s_k by
 * <pre>θᵀB_kθ + tr(A⁻¹B_k) − n_k − ½·tr(A⁻¹·∂A/∂d_k)</pre>
 * The second derivatives leave out those of A along the mode's move, which slows the search but does not shift where it
 * ends.
 */
final class GroupScales implements Surface {

    static final double PRIOR_SCALE = 0.5;
    private static final Group[] FITTED = {Group.PERSON, Group.BOARD, Group.SOURCE};
    /** A scale is close enough when the evidence could rise by no more than half this. */
    private static final double RISE = 1e-4;
    /** While scales are compared, the fit need be no closer to its mode than this rise of the log posterior. */
    private static final double ROUGH = 1e-8;
    /** How far along its direction the mode is moved to see A change; its square is lost. */
    private static final double NUDGE = 1e-4;

    private final ModeRisk risk;
    private final Observations observations;
    private final double[] speciesSds;
    private final List<Group> present;
    /** Where the effects of each group stand among the parameters. */
    private final int[][] members;
    private LaplaceFit latest;

    /** @param speciesSds how far each species of the layout may stray, in its order */
    GroupScales(ModeRisk risk, Layout layout, Observations observations, double[] speciesSds) {
        this.risk = risk;
        this.observations = observations;
        this.speciesSds = speciesSds;
        this.present = Arrays.stream(FITTED).filter(group -> !layout.members(group).isEmpty()).toList();
        this.members = present.stream().map(group -> layout.members(group).values().stream()
                .mapToInt(place -> OrdinalModel.CUTS + place).toArray()).toArray(int[][]::new);
    }

    /**
     * The fit under the best scales.
     *
     * @param sds scale of each group that has members
     */
    record Scaled(LaplaceFit fit, Map<Group, Double> sds) {
    }

    Scaled fit() {
        if (present.isEmpty()) {
            return new Scaled(LaplaceFit.of(new OrdinalModel(observations, prior(new double[0]))), Map.of());
        }
        double[] start = new double[present.size()];
        Arrays.fill(start, Math.log(PRIOR_SCALE));
        double[] found = Peak.of(this, start, RISE).point();
        return new Scaled(LaplaceFit.from(new OrdinalModel(observations, prior(found)), latest.mode()), sds(found));
    }

    private Map<Group, Double> sds(double[] logSds) {
        Map<Group, Double> sds = new EnumMap<>(Group.class);
        for (int k = 0; k < logSds.length; k++) {
            sds.put(present.get(k), Math.exp(logSds[k]));
        }
        return sds;
    }

    /** Log evidence of the scales, up to a constant. */
    @Override
    public Local at(double[] logSds) {
        OrdinalModel model = new OrdinalModel(observations, prior(logSds));
        latest = LaplaceFit.from(model, latest == null ? model.prior().mean() : latest.mode(), ROUGH);
        int groups = logSds.length;
        double height = latest.logEvidence();
        double[] gradient = new double[groups];
        double[][] hessian = new double[groups][groups];
        for (int k = 0; k < groups; k++) {
            double precision = Math.exp(-2 * logSds[k]);
            double relative = Math.pow(Math.exp(logSds[k]) / PRIOR_SCALE, 2);
            double known = precision * sum(members[k], i -> latest.mode()[i] * latest.mode()[i] + latest.covariance()[i][i]);
            double[] move = move(k, precision);
            height += logSds[k] - relative / 2;
            gradient[k] = known - members[k].length - bending(model, move) / 2 + 1 - relative;
            hessian[k][k] -= 2 * known + 2 * relative;
            for (int l = 0; l < groups; l++) {
                double other = Math.exp(-2 * logSds[l]);
                hessian[k][l] += 2 * other * (sum(members[l], j -> latest.mode()[j] * move[j]) + precision * shared(k, l));
            }
        }
        return new Local(height, gradient, hessian);
    }

    private static double sum(int[] places, IntToDoubleFunction each) {
        return Arrays.stream(places).mapToDouble(each).sum();
    }

    /** The squared covariances of the effects of two groups, summed. */
    private double shared(int group, int other) {
        return sum(members[group], i -> sum(members[other], j -> Math.pow(latest.covariance()[i][j], 2)));
    }

    /** d_k: how the mode moves with the scale of a group. */
    private double[] move(int group, double precision) {
        double[] move = new double[latest.mode().length];
        for (int i = 0; i < move.length; i++) {
            double[] row = latest.covariance()[i];
            move[i] = 2 * precision * sum(members[group], j -> row[j] * latest.mode()[j]);
        }
        return move;
    }

    /** tr(A⁻¹·∂A/∂d), by a small step along d. */
    private double bending(OrdinalModel model, double[] direction) {
        double longest = Arrays.stream(direction).map(Math::abs).max().orElse(0);
        if (longest == 0) {
            return 0;
        }
        double step = NUDGE / longest;
        double[] nudged = latest.mode().clone();
        for (int i = 0; i < nudged.length; i++) {
            nudged[i] += step * direction[i];
        }
        double[][] there = model.at(nudged).hessian();
        double trace = 0;
        for (int i = 0; i < nudged.length; i++) {
            for (int j = 0; j < nudged.length; j++) {
                trace += latest.covariance()[i][j] * (latest.hessian()[i][j] - there[i][j]);
            }
        }
        return trace / step;
    }

    /** Priors of α_1, γ, b, the covariates and the members of each group, in the order of the layout. */
    private NormalPrior prior(double[] logSds) {
        List<double[]> each = new ArrayList<>(List.of(new double[] {1.75, 1}, new double[] {Math.log(1.2), 0.4},
                new double[] {risk.slopeMean(), risk.slopeSd()}));
        risk.covariates().forEach(covariate -> each.add(new double[] {covariate.priorMean(), covariate.priorSd()}));
        Arrays.stream(speciesSds).forEach(sd -> each.add(new double[] {0, sd}));
        for (int k = 0; k < logSds.length; k++) {
            double[] effect = {0, Math.exp(logSds[k])};
            each.addAll(Collections.nCopies(members[k].length, effect));
        }
        return new NormalPrior(each.stream().mapToDouble(p -> p[0]).toArray(), each.stream().mapToDouble(p -> p[1]).toArray());
    }
}
