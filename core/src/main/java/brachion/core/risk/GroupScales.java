package brachion.core.risk;

import brachion.core.method.ModeRisk;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;

/**
 * How much people, boards, sources and shops differ: for each group the standard deviation σ of its effects that makes the
 * records most probable (the Laplace evidence), times a half-normal prior of the scale of its group ({@link Group#priorScale}). It
 * is sought on s = ln σ, which keeps it from collapsing to zero while the records say little (compare Chung et al.,
 * Psychometrika 78, 2013); with nothing to go by it stays at that.
 *
 * <p>With A the negative Hessian at the mode θ, B_k = 1/σ_k² on the n_k members of group k and zero elsewhere, and
 * d_k = 2·A⁻¹·B_k·θ how the mode moves with s_k, the evidence rises with s_k by
 * <pre>θᵀB_kθ + tr(A⁻¹B_k) − n_k − ½·tr(A⁻¹·∂A/∂d_k)</pre>
 * The second derivatives are the expected ones, −2·tr(T_k·T_l) with T = 1 − A⁻¹·B within and between groups (Searle, Casella and
 * McCulloch, Variance Components, 1992, section 6.6), each group's own so bent that a step ends where the group were at its best if
 * its members were all known as well as each other ({@link EvenGroup}). That they are no exact ones slows the search but does not
 * shift where it ends.
 */
final class GroupScales implements Surface {

    private static final Group[] FITTED = {Group.PERSON, Group.SOURCE, Group.SHOP, Group.BOARD};
    /** A scale is close enough when the evidence could rise by no more than half this. */
    private static final double RISE = 3e-2;
    private static final int MOST_STEPS = 25;
    /** While scales are compared, the fit need be no closer to its mode than this rise of the log posterior. */
    private static final double ROUGH = 1e-4;
    /** And to see how probable a share of hidden flaws is, no closer than this. */
    private static final double ROUGH_SHARE = 0.1;
    /** The mode follows its first order from scales no further off than this. */
    private static final double NEAR = 0.5;
    /** Where slopes change by less than this share of what is expected, a step by what was seen would go too far: they steepen beyond. */
    private static final double FLATTEST = 0.5;
    /** From scales no further off than this, how A changes with the mode is taken as it was. */
    private static final double STEADY = 0.1;
    /** Less curved than this is rounding. */
    private static final double LEAST_CURVED = 1e-12;
    /** Scales beyond these say nothing any more. */
    private static final double SMALLEST = 1e-3;
    private static final double LARGEST = 20;

    private final ModeRisk risk;
    private final Observations observations;
    private final double hidden;
    private final double[] speciesSds;
    private final List<Group> present;
    /** Where the effects of each group stand among the parameters. */
    private final int[][] members;
    /** Where the search begins. */
    private Map<Group, Double> startSds = Map.of();
    private double[] startMode;
    private LaplaceFit latest;
    private Look lastLook;
    private Bending lastBending;

    /**
     * What was seen when scales were last looked at.
     *
     * @param logSds   the scales
     * @param gradient the slope there
     * @param moves    how the mode moves with each of them
     */
    private record Look(double[] logSds, double[] gradient, double[][] moves) {
    }

    /**
     * How A changes as the mode moves with each of the scales, tr(A⁻¹·∂A/∂d_k).
     *
     * @param logSds the scales
     * @param along  the change for each of them
     */
    private record Bending(double[] logSds, double[] along) {
    }

    /**
     * @param speciesSds how far each species of the layout may stray, in its order
     * @param hidden     share of pieces that break whatever they are asked
     */
    GroupScales(ModeRisk risk, Layout layout, Observations observations, double[] speciesSds, double hidden) {
        this.risk = risk;
        this.observations = observations;
        this.speciesSds = speciesSds;
        this.hidden = hidden;
        this.present = Arrays.stream(FITTED).filter(group -> !layout.members(group).isEmpty()).toList();
        this.members = present.stream().map(group -> layout.members(group).values().stream()
                .mapToInt(place -> OrdinalModel.CUTS + place).toArray()).toArray(int[][]::new);
        this.startMode = prior(Map.of()).mean();
    }

    private GroupScales(GroupScales other, Observations observations) {
        this.risk = other.risk;
        this.observations = observations;
        this.speciesSds = other.speciesSds;
        this.hidden = other.hidden;
        this.present = other.present;
        this.members = other.members;
        this.startMode = other.startMode;
        this.latest = other.latest;
    }

    /**
     * Begins the search near what fewer records said.
     *
     * @param sds   the best scales for them
     * @param mode  their mode
     * @param place where each of its parameters stands here
     */
    void startFrom(Map<Group, Double> sds, double[] mode, int[] place) {
        startSds = sds;
        startMode = startMode.clone();
        for (int i = 0; i < mode.length; i++) {
            startMode[place[i]] = mode[i];
        }
    }

    /** The best scales, by group; none of a group without members. */
    Map<Group, Double> best() {
        if (present.isEmpty()) {
            return Map.of();
        }
        double[] start = present.stream().mapToDouble(group -> Math.log(startSds.getOrDefault(group, group.priorScale()))).toArray();
        return sds(Peak.of(this, start, RISE, MOST_STEPS).afterLast());
    }

    private Map<Group, Double> sds(double[] logSds) {
        Map<Group, Double> sds = new EnumMap<>(Group.class);
        for (int k = 0; k < logSds.length; k++) {
            sds.put(present.get(k), Math.max(SMALLEST, Math.min(LARGEST, Math.exp(logSds[k]))));
        }
        return sds;
    }

    /** The mode last looked at, a good start for other fits of the same records. */
    double[] latestMode() {
        return latest == null ? startMode : latest.mode();
    }

    /** The fit under given scales and a share of hidden flaws. */
    LaplaceFit fit(Map<Group, Double> sds, double share, double[] start) {
        return LaplaceFit.from(model(sds, share), start);
    }

    /** Such a fit again, once it was found. */
    Optional<LaplaceFit> again(Map<Group, Double> sds, FoundMode.Share found) {
        return LaplaceFit.again(model(sds, found.hidden()), found.mode(), found.mean(), found.logEvidence());
    }

    /** Such a fit as closely as it takes to see how probable the share is, its mean taken to be the mode. */
    LaplaceFit roughly(Map<Group, Double> sds, double share, double[] start) {
        return LaplaceFit.foreseen(model(sds, share), start, ROUGH_SHARE);
    }

    /** The same scales for pieces of which each is so prone to hidden flaws. */
    GroupScales with(double[] proneness) {
        return new GroupScales(this, new Observations(observations, proneness));
    }

    /** Chance that each record is of a piece that a hidden flaw broke, under a fit for one share of them. */
    double[] wereHidden(LaplaceFit fit, Map<Group, Double> sds, double share) {
        return model(sds, share).wereHidden(fit.mean());
    }

    private OrdinalModel model(Map<Group, Double> sds, double share) {
        return new OrdinalModel(observations, prior(sds), share, HiddenShare.SLIP);
    }

    /** Log evidence of the scales, up to a constant. */
    @Override
    public Local at(double[] logSds) {
        OrdinalModel model = model(sds(logSds), hidden);
        latest = LaplaceFit.roughly(model, latest == null ? startMode : expectedMode(logSds), ROUGH);
        int groups = logSds.length;
        double[][] moves = new double[groups][];
        double height = latest.logEvidence();
        double[] gradient = new double[groups];
        double[] precision = Arrays.stream(logSds).map(each -> Math.exp(-2 * each)).toArray();
        Arrays.setAll(moves, k -> move(k, precision[k]));
        double[] bending = bending(model, logSds, moves);
        double[] traces = new double[groups];
        double[] curvature = new double[groups];
        for (int k = 0; k < groups; k++) {
            double variance = 1 / precision[k];
            traces[k] = precision[k] * (present.get(k) == Group.BOARD ? latest.covariance().traceOfTip() : sum(members[k], latest::variance));
            double squares = precision[k] * sum(members[k], i -> latest.mode()[i] * latest.mode()[i]);
            double scale = present.get(k).priorScale();
            height += logSds[k] - variance / (2 * scale * scale);
            gradient[k] = squares + traces[k] - members[k].length - bending[k] / 2 + priorSlope(variance, scale);
            curvature[k] = EvenGroup.of(members[k].length, scale, variance, squares, traces[k], -bending[k] / 2).curvatureToBest(variance);
            boolean outside = logSds[k] < Math.log(SMALLEST) || logSds[k] > Math.log(LARGEST);
            height = outside ? Double.NEGATIVE_INFINITY : height;
        }
        double[][] hessian = bent(expectedCurves(precision, traces), curvature);
        if (lastLook != null) {
            bendAsSeen(hessian, difference(logSds, lastLook.logSds()), difference(gradient, lastLook.gradient()));
        }
        lastLook = new Look(logSds.clone(), gradient, moves);
        return new Local(height, gradient, Arrow.dense(hessian));
    }

    /** Slope by ln σ of the log of the half-normal prior, as a density of ln σ. */
    static double priorSlope(double variance, double scale) {
        return 1 - variance / (scale * scale);
    }

    /** −2·tr(T_k·T_l). */
    private double[][] expectedCurves(double[] precision, double[] traces) {
        double[][] curves = new double[precision.length][precision.length];
        for (int k = 0; k < precision.length; k++) {
            for (int l = 0; l <= k; l++) {
                curves[k][l] = -2 * precision[k] * precision[l] * shared(k, l);
            }
            curves[k][k] -= 2 * (members[k].length - 2 * traces[k]);
        }
        Arrow.mirror(curves);
        return curves;
    }

    /** Second derivatives with these on the diagonal, up to their sign; what ties one group to another stays the same share of both. */
    private static double[][] bent(double[][] curves, double[] curvature) {
        double[] by = new double[curvature.length];
        Arrays.setAll(by, k -> Math.sqrt(curvature[k] / Math.max(LEAST_CURVED, -curves[k][k])));
        double[][] bent = new double[by.length][by.length];
        for (int k = 0; k < by.length; k++) {
            for (int l = 0; l < by.length; l++) {
                bent[k][l] = k == l ? -curvature[k] : curves[k][l] * by[k] * by[l];
            }
        }
        return bent;
    }

    /**
     * Makes second derivatives agree with how the slope changed over the last step, if that was short: what they leave out is mostly
     * along it (the update of Broyden, Fletcher, Goldfarb and Shanno; Nocedal and Wright, Numerical Optimization, 2nd ed., section 6.1).
     */
    private static void bendAsSeen(double[][] hessian, double[] step, double[] change) {
        int groups = step.length;
        double[] expected = new double[groups];
        double alongExpected = 0;
        double along = 0;
        for (int k = 0; k < groups; k++) {
            for (int l = 0; l < groups; l++) {
                expected[k] += hessian[k][l] * step[l];
            }
            alongExpected += expected[k] * step[k];
            along += change[k] * step[k];
        }
        if (longest(step) < NEAR && alongExpected < 0 && along < FLATTEST * alongExpected) {
            for (int k = 0; k < groups; k++) {
                for (int l = 0; l < groups; l++) {
                    hessian[k][l] += change[k] * change[l] / along - expected[k] * expected[l] / alongExpected;
                }
            }
        }
    }

    /** About where the mode will be: where the latest one moves to, to first order, if the scales are near. */
    private double[] expectedMode(double[] logSds) {
        double[] expected = latest.mode().clone();
        double[] off = difference(logSds, lastLook.logSds());
        if (longest(off) < NEAR) {
            for (int k = 0; k < off.length; k++) {
                for (int i = 0; i < expected.length; i++) {
                    expected[i] += off[k] * lastLook.moves()[k][i];
                }
            }
        }
        return expected;
    }

    private static double[] difference(double[] one, double[] other) {
        double[] difference = new double[one.length];
        Arrays.setAll(difference, i -> one[i] - other[i]);
        return difference;
    }

    private static double longest(double[] vector) {
        return Arrays.stream(vector).map(Math::abs).max().orElse(0);
    }

    private static double sum(int[] places, IntToDoubleFunction each) {
        return Arrays.stream(places).mapToDouble(each).sum();
    }

    /** The squared covariances of the effects of two groups, summed. */
    private double shared(int group, int other) {
        ArrowInverse covariance = latest.covariance();
        if (present.get(group) == Group.BOARD) {
            return present.get(other) == Group.BOARD ? covariance.squaresInTip() : covariance.squaresToTip(members[other]);
        }
        return present.get(other) == Group.BOARD ? covariance.squaresToTip(members[group])
                : covariance.squares(members[group], members[other]);
    }

    /** d_k: how the mode moves with the scale of a group. */
    private double[] move(int group, double precision) {
        double[] pull = new double[latest.mode().length];
        for (int place : members[group]) {
            pull[place] = 2 * precision * latest.mode()[place];
        }
        return latest.covariance().times(pull);
    }

    /** tr(A⁻¹·∂A/∂d_k) for each group; as it was seen last, if that was near. */
    private double[] bending(OrdinalModel model, double[] logSds, double[][] moves) {
        if (lastBending == null || longest(difference(logSds, lastBending.logSds())) > STEADY) {
            lastBending = new Bending(logSds.clone(), model.lopsided(latest.mode(), latest.covariance()).along(moves));
        }
        return lastBending.along();
    }

    /** Priors of α_1, γ, b, the covariates, the unsure constants and the members of each group, in the order of the layout. */
    private NormalPrior prior(Map<Group, Double> sds) {
        List<double[]> each = new ArrayList<>(List.of(new double[] {1.75, risk.levelSd()}, new double[] {Math.log(1.2), 0.4},
                new double[] {risk.slopeMean(), risk.slopeSd()}));
        risk.covariates().forEach(covariate -> each.add(new double[] {covariate.priorMean(), covariate.priorSd()}));
        // a constant that is z steps worse raises the load by z·g, so its coefficient is b·z with z ~ N(0, 1)
        risk.unsure().forEach(constant -> each.add(new double[] {0, risk.slopeMean()}));
        Arrays.stream(speciesSds).forEach(sd -> each.add(new double[] {0, sd}));
        for (int k = 0; k < present.size(); k++) {
            double[] effect = {0, sds.getOrDefault(present.get(k), present.get(k).priorScale())};
            each.addAll(Collections.nCopies(members[k].length, effect));
        }
        return new NormalPrior(each.stream().mapToDouble(p -> p[0]).toArray(), each.stream().mapToDouble(p -> p[1]).toArray());
    }
}
