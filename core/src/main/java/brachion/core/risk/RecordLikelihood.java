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
 * <p>A record that could be several things is as likely as these are on average. So their likelihoods L and the derivatives of these
 * are added up with their weights, and the derivatives of ln L taken of the sums: L′/L and L″/L − (L′/L)².
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

    /** Sums over what the record could be, by their weights: of the likelihoods, and of their derivatives by a and c together and by c alone. */
    private double likelihood;
    private double sumA;
    private double sumC;
    private double sumAA;
    private double sumAC;
    private double sumCC;
    /** The same times x, and x². */
    private double sumAX;
    private double sumAAX;
    private double sumACX;
    private double sumAAXX;

    private final double usualHidden;
    private final double slip;
    /** Chance that nothing hidden breaks the piece and that it is written down right. */
    private double sound;
    private double logSound;
    private double hidden;
    private double lastProneness = Double.NaN;

    /**
     * @param hidden h of usual stock
     * @param slip   chance of each of the two slips of the pen
     */
    RecordLikelihood(double hidden, double slip) {
        usualHidden = hidden;
        this.slip = slip;
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
        double saidAnyway = (severity == 2 ? hidden + slip : severity == 0 ? slip : 0) / sound;
        double logScale = 0;
        add(severity, rest, b, gap, x, weight, from, to, 0);
        if (!(likelihood + saidAnyway > UNDERFLOW)) {
            saidAnyway = 0;
            logScale = mostLogarithm(severity, rest, b, gap, x, from, to);
            add(severity, rest, b, gap, x, weight, from, to, logScale);
        }
        double sum = likelihood + saidAnyway;
        height = Math.log(sum) + logScale + logSound;
        anyway = saidAnyway / sum;
        derive(1 / sum, gap);
    }

    /** The derivatives of the logarithm of a sum of likelihoods, given its inverse. */
    private void derive(double by, double gap) {
        double meanC = sumC * by;
        alpha = sumA * by;
        lead = -sumAX * by;
        gamma = gap * meanC;
        alphaAlpha = sumAA * by - alpha * alpha;
        alphaGamma = gap * (sumAC * by - alpha * meanC);
        gammaGamma = gamma + gap * gap * (sumCC * by - meanC * meanC);
        leadAlpha = -sumAAX * by - lead * alpha;
        leadGamma = gap * (-sumACX * by - lead * meanC);
        leadLead = sumAAXX * by - lead * lead;
    }

    /**
     * Sums up what the record could be, every likelihood divided by that with a given logarithm. Each is P·Q: P = σ(a) of a clean piece and
     * σ(−a) of one with a flaw, Q = σ(c) of one with a flaw and σ(−c) of a broken one; 1 where there is no such factor.
     */
    private void add(int severity, double rest, double b, double gap, double[] x, double[] weight, int from, int to, double logScale) {
        int sideA = severity == 0 ? 1 : -1;
        int sideC = severity == 1 ? 1 : -1;
        double l = 0;
        double a1 = 0;
        double c1 = 0;
        double a2 = 0;
        double ac = 0;
        double c2 = 0;
        double a1X = 0;
        double a2X = 0;
        double acX = 0;
        double a2XX = 0;
        for (int k = from; k < to; k++) {
            double v = x[k];
            double a = rest - b * v;
            double p = severity == 2 ? 1 : OrdinalModel.logistic(sideA * a);
            double q = severity == 0 ? 1 : OrdinalModel.logistic(sideC * (a + gap));
            double each = weight[k] * (logScale == 0 ? p * q : Math.exp(logarithm(severity, a, gap) - logScale));
            double slopeA = sideA * (1 - p);
            double slopeC = sideC * (1 - q);
            double curveC = (1 - q) * (1 - 2 * q);
            double both = slopeA * slopeC + curveC;
            double once = each * (slopeA + slopeC);
            double twice = each * ((1 - p) * (1 - 2 * p) + slopeA * slopeC + both);
            l += each;
            a1 += once;
            c1 += each * slopeC;
            a2 += twice;
            ac += each * both;
            c2 += each * curveC;
            a1X += once * v;
            a2X += twice * v;
            acX += each * both * v;
            a2XX += twice * v * v;
        }
        likelihood = l;
        sumA = a1;
        sumC = c1;
        sumAA = a2;
        sumAC = ac;
        sumCC = c2;
        sumAX = a1X;
        sumAAX = a2X;
        sumACX = acX;
        sumAAXX = a2XX;
    }

    /** Logarithm of the greatest likelihood of what the record could be. */
    private static double mostLogarithm(int severity, double rest, double b, double gap, double[] x, int from, int to) {
        double most = Double.NEGATIVE_INFINITY;
        for (int k = from; k < to; k++) {
            most = Math.max(most, logarithm(severity, rest - b * x[k], gap));
        }
        return most;
    }

    private static double logarithm(int severity, double a, double gap) {
        return severity == 0 ? OrdinalModel.logLogistic(a)
                : severity == 1 ? OrdinalModel.logLogistic(-a) + OrdinalModel.logLogistic(a + gap) : OrdinalModel.logLogistic(-a - gap);
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
