package brachion.core.risk;

import brachion.core.risk.Observations.Rows;
import java.util.Arrays;

/**
 * How lopsided a posterior is round its mode: how its slopes and curves change as the parameters move by what is uncertain of them.
 * A record speaks in three directions alone ({@link RecordLikelihood}): α_1 − η but for its first feature, γ and b. So it takes the
 * covariances of these three and the record's own derivatives there.
 */
final class Lopsided {

    /** How far along a direction the mode is moved to see how curves change; the square of it is lost. */
    private static final double NUDGE = 1e-4;
    private static final int GAMMA = 1;
    private static final int LEAD = OrdinalModel.CUTS;

    private final OrdinalModel model;
    private final Observations observations;
    private final double[] mode;
    /** e^γ. */
    private final double gap;
    private final ArrowInverse covariance;
    /** Covariances of γ and of b with every parameter. */
    private final double[] withGamma;
    private final double[] withLead;

    Lopsided(OrdinalModel model, Observations observations, double[] mode, ArrowInverse covariance) {
        this.model = model;
        this.observations = observations;
        this.mode = mode;
        this.gap = Math.exp(mode[GAMMA]);
        this.covariance = covariance;
        withGamma = covariance.times(unit(GAMMA));
        withLead = covariance.times(unit(LEAD));
    }

    private double[] unit(int place) {
        double[] unit = new double[mode.length];
        unit[place] = 1;
        return unit;
    }

    /**
     * How the slope of the log posterior at its mode changes on average over the normal distribution round it. The posterior
     * is lopsided, so the average slope is not zero, and its mean lies off the mode by the covariance times it (to first
     * order ½·Σ_kl C_kl ∂³ℓ/∂θ∂θ_k∂θ_l). Each record is looked at one standard deviation of its own index to either side.
     */
    double[] averageSlope() {
        double[] slope = new double[mode.length];
        int corner = mode.length - observations.boards();
        observations.parts().parallelStream().map(rows -> averageSlope(rows, slope, corner)).toList().forEach(part -> add(part, slope));
        return slope;
    }

    /** What some of the records add to it; at their boards, which are in no other part, it is added. */
    private double[] averageSlope(Rows rows, double[] boards, int corner) {
        double[] slope = new double[corner];
        RecordLikelihood record = model.likelihood();
        for (int row = rows.from(); row < rows.to(); row++) {
            double rest = observations.rest(row, mode);
            double sd = sd(row);
            for (int side = -1; side <= 1; side++) {
                observations.compute(row, rest + side * sd, mode[LEAD], gap, record);
                double weight = observations.count(row) * (side == 0 ? -1 : 0.5);
                slope[0] += weight * record.alpha();
                slope[GAMMA] += weight * record.gamma();
                slope[LEAD] += weight * record.lead();
                observations.add(row, -weight * record.alpha(), slope);
                if (observations.board(row) >= 0) {
                    boards[corner + observations.board(row)] -= weight * record.alpha();
                }
            }
        }
        return slope;
    }

    /** How uncertain the index of a record is, its first feature taken at its mean: the standard deviation of α_1 − η. */
    private double sd(int row) {
        double lead = observations.meanLead(row);
        double variance = observations.varianceOfRest(row, covariance) - 2 * lead * observations.rest(row, withLead) + lead * lead * withLead[LEAD];
        return Math.sqrt(Math.max(0, variance));
    }

    /**
     * tr(C·∂A/∂d) for each direction d that the mode may move in, with A the negative Hessian and C its inverse: how the logarithm of
     * the determinant of A rises along d.
     */
    double[] along(double[][] directions) {
        double[] step = Arrays.stream(directions).mapToDouble(Lopsided::step).toArray();
        double[] movedGap = new double[directions.length];
        Arrays.setAll(movedGap, k -> Math.exp(mode[GAMMA] + step[k] * directions[k][GAMMA]));
        double[] along = new double[directions.length];
        observations.parts().parallelStream().map(rows -> along(rows, directions, step, movedGap)).toList().forEach(part -> add(part, along));
        for (int k = 0; k < along.length; k++) {
            along[k] += observations.between() * (OrdinalModel.gapCurve(movedGap[k]) - OrdinalModel.gapCurve(gap)) * withGamma[GAMMA];
            along[k] = step[k] == 0 ? 0 : -along[k] / step[k];
        }
        return along;
    }

    private static double step(double[] direction) {
        double longest = Arrays.stream(direction).map(Math::abs).max().orElse(0);
        return longest == 0 ? 0 : NUDGE / longest;
    }

    /** By how much the curves of some of the records, each times its covariance, rise by a small step in each direction. */
    private double[] along(Rows rows, double[][] directions, double[] step, double[] movedGap) {
        double[] rise = new double[directions.length];
        RecordLikelihood record = model.likelihood();
        for (int row = rows.from(); row < rows.to(); row++) {
            double rest = observations.rest(row, mode);
            double restRest = observations.varianceOfRest(row, covariance);
            double restGamma = observations.rest(row, withGamma);
            double restLead = observations.rest(row, withLead);
            observations.compute(row, rest, mode[LEAD], gap, record);
            double before = curve(record, restRest, restGamma, restLead);
            for (int k = 0; k < rise.length; k++) {
                double[] direction = directions[k];
                observations.compute(row, rest + step[k] * observations.rest(row, direction), mode[LEAD] + step[k] * direction[LEAD], movedGap[k], record);
                rise[k] += observations.count(row) * (curve(record, restRest, restGamma, restLead) - before);
            }
        }
        return rise;
    }

    /** The second derivatives of a record, each times the covariance of what it is by. */
    private double curve(RecordLikelihood record, double restRest, double restGamma, double restLead) {
        return record.alphaAlpha() * restRest + record.gammaGamma() * withGamma[GAMMA] + record.leadLead() * withLead[LEAD]
                + 2 * (record.alphaGamma() * restGamma + record.leadAlpha() * restLead + record.leadGamma() * withGamma[LEAD]);
    }

    private static void add(double[] part, double[] to) {
        for (int i = 0; i < part.length; i++) {
            to[i] += part[i];
        }
    }
}
