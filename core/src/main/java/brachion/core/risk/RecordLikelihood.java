package brachion.core.risk;

/**
 * Log likelihood of one record and its derivatives in the directions it speaks of: α_1, γ and the first coefficient b,
 * whose x may be uncertain. Along its other features x every derivative is −x times that by α_1.
 *
 * <p>With a = α_1 − η and c = α_1 + e^γ − η the likelihoods of the severities are σ(a), σ(c)·σ(−a)·(1 − exp(−e^γ)) and
 * σ(−c). The middle one is σ(c) − σ(a) written as a product, which loses no digits when the two are close; its last
 * factor is the same for all records and is left to the caller.
 *
 * <p>A share h of pieces breaks whatever it is asked: what holds is less likely by 1 − h, and a break is either hidden,
 * with h, or not, with 1 − h. A few outcomes are written down wrong: with a small chance each, a piece is said to be broken
 * or clean whatever became of it. Both are one more possibility of the record, on which no parameter bears.
 *
 * <p>A record that could be several things is as likely as these are on average. With r_k the share of each in that, given
 * how the record ended, the first derivatives are the means s̄ = Σ r_k s_k and the second ones Σ r_k (H_k + (s_k − s̄)²).
 */
final class RecordLikelihood {

    /** Log likelihood. */
    private double height;
    /** First derivatives. */
    private double alpha;
    private double gamma;
    private double lead;
    /** Second derivatives. */
    private double alphaAlpha;
    private double alphaGamma;
    private double gammaGamma;
    private double leadAlpha;
    private double leadGamma;
    private double leadLead;

    /** How likely it is that the record says nothing of the piece, so that its slopes and curves are all zero. */
    private double anyway;

    /** However prone a piece is, no more than this share breaks unforeseen. */
    private static final double MOST_HIDDEN = 0.6;
    /** Likelihoods below this lose digits. */
    private static final double UNDERFLOW = 1e-280;

    private final double[] share;
    /** First derivatives of each possibility by a and c together, and by c alone. */
    private final double[] slope;
    private final double[] slopeC;
    private final double[] curve;
    private final double[] curveC;

    private final double usualHidden;
    private final double slip;
    /** Chance that nothing hidden breaks the piece and that it is written down right. */
    private double sound;
    private double logSound;
    private double hidden;
    private double lastProneness = Double.NaN;

    /**
     * @param most   the most possibilities of any record
     * @param hidden h of usual stock
     * @param slip   chance of each of the two slips of the pen
     */
    RecordLikelihood(int most, double hidden, double slip) {
        usualHidden = hidden;
        this.slip = slip;
        share = new double[most + 1];
        slope = new double[most + 1];
        slopeC = new double[most + 1];
        curve = new double[most + 1];
        curveC = new double[most + 1];
    }

    /** The share of hidden flaws among pieces so many times as prone to them as usual stock. */
    static double hidden(double usual, double proneness) {
        return Math.min(MOST_HIDDEN, usual * proneness);
    }

    private void suppose(double proneness) {
        if (proneness != lastProneness) {
            hidden = hidden(usualHidden, proneness);
            sound = 1 - hidden - 2 * slip;
            logSound = Math.log(sound);
            lastProneness = proneness;
        }
    }

    /** Chance that a broken piece was broken by a hidden flaw. */
    double wasHidden() {
        return anyway * hidden / (hidden + slip);
    }

    /**
     * Works a record out.
     *
     * @param severity 0, 1 or 2
     * @param proneness how many times as often as usual stock such a piece hides a flaw
     * @param rest     α_1 less what the features other than the first add to η
     * @param b        coefficient of the first
     * @param gap      e^γ
     * @param x        what the first feature could be: values from one place up to another, with their weights
     */
    void compute(int severity, double proneness, double rest, double b, double gap, double[] x, double[] weight, int from, int to) {
        suppose(proneness);
        int count = to - from;
        double saidAnyway = severity == 2 ? hidden + slip : severity == 0 ? slip : 0;
        double sum = saidAnyway / sound;
        for (int k = 0; k < count; k++) {
            share[k] = weight[from + k] * possibility(k, severity, rest - b * x[from + k], gap);
            sum += share[k];
        }
        share[count] = saidAnyway / sound;
        if (sum > UNDERFLOW) {
            height = Math.log(sum) + logSound;
        } else {
            sum = sharesOfLogarithms(count, severity, rest, b, gap, x, weight, from);
        }
        for (int k = 0; k <= count; k++) {
            share[k] /= sum;
        }
        anyway = share[count];
        average(gap, x, from, count);
    }

    /** The shares where the likelihoods are too small for numbers, up to a factor; sets the height. */
    private double sharesOfLogarithms(int count, int severity, double rest, double b, double gap, double[] x,
                                      double[] weight, int from) {
        double most = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < count; k++) {
            double a = rest - b * x[from + k];
            share[k] = Math.log(weight[from + k]) + (severity == 0 ? OrdinalModel.logLogistic(a)
                    : severity == 1 ? OrdinalModel.logLogistic(-a) + OrdinalModel.logLogistic(a + gap)
                    : OrdinalModel.logLogistic(-a - gap));
            most = Math.max(most, share[k]);
        }
        double sum = 0;
        for (int k = 0; k < count; k++) {
            share[k] = Math.exp(share[k] - most);
            sum += share[k];
        }
        share[count] = 0;
        height = most + Math.log(sum) + logSound;
        return sum;
    }

    /** Likelihood of one possibility; keeps the derivatives of its logarithm. */
    private double possibility(int k, int severity, double a, double gap) {
        double likelihood = 1;
        slope[k] = 0;
        slopeC[k] = 0;
        curve[k] = 0;
        curveC[k] = 0;
        if (severity <= 1) {
            int side = severity == 0 ? 1 : -1;
            double p = OrdinalModel.logistic(side * a);
            likelihood = p;
            slope[k] = side * (1 - p);
            curve[k] = -p * (1 - p);
        }
        if (severity >= 1) {
            int side = severity == 1 ? 1 : -1;
            double p = OrdinalModel.logistic(side * (a + gap));
            likelihood *= p;
            slopeC[k] = side * (1 - p);
            curveC[k] = -p * (1 - p);
        }
        slope[k] += slopeC[k];
        curve[k] += curveC[k];
        return likelihood;
    }

    private void average(double gap, double[] x, int from, int count) {
        double meanC = 0;
        alpha = 0;
        lead = 0;
        for (int k = 0; k < count; k++) {
            alpha += share[k] * slope[k];
            meanC += share[k] * slopeC[k];
            lead -= share[k] * slope[k] * x[from + k];
        }
        gamma = gap * meanC;
        alphaAlpha = anyway * alpha * alpha;
        alphaGamma = anyway * gap * alpha * meanC;
        gammaGamma = gamma + anyway * gap * gap * meanC * meanC;
        leadAlpha = anyway * lead * alpha;
        leadGamma = anyway * gap * lead * meanC;
        leadLead = anyway * lead * lead;
        for (int k = 0; k < count; k++) {
            double v = x[from + k];
            double offAlpha = slope[k] - alpha;
            double offC = slopeC[k] - meanC;
            double offLead = -slope[k] * v - lead;
            alphaAlpha += share[k] * (curve[k] + offAlpha * offAlpha);
            alphaGamma += share[k] * gap * (curveC[k] + offAlpha * offC);
            gammaGamma += share[k] * gap * gap * (curveC[k] + offC * offC);
            leadAlpha += share[k] * (offAlpha * offLead - v * curve[k]);
            leadGamma += share[k] * gap * (offC * offLead - v * curveC[k]);
            leadLead += share[k] * (v * v * curve[k] + offLead * offLead);
        }
    }

    /** Log likelihood, but for the factor left to the caller. */
    double height() {
        return height;
    }

    /** Slope by α_1. */
    double alpha() {
        return alpha;
    }

    /** Slope by γ. */
    double gamma() {
        return gamma;
    }

    /** Slope by b. */
    double lead() {
        return lead;
    }

    double alphaAlpha() {
        return alphaAlpha;
    }

    double alphaGamma() {
        return alphaGamma;
    }

    double gammaGamma() {
        return gammaGamma;
    }

    double leadAlpha() {
        return leadAlpha;
    }

    double leadGamma() {
        return leadGamma;
    }

    double leadLead() {
        return leadLead;
    }
}
