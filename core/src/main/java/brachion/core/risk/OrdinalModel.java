package brachion.core.risk;

/**
 * Proportional-odds model of severity y ∈ {0, 1, 2} with independent normal priors:
 * <pre>
 * P(y ≤ j) = (1 − h)·σ(α_j − η),  α_2 = α_1 + e^γ,  η = Σ x_k β_k,  σ(z) = 1/(1 + e^(−z))
 * </pre>
 * h is the share of pieces that break whatever they are asked, because of something nobody saw; it is given, and 0 in
 * modes that such breaks do not look like. Parameters stand in the order α_1, γ, β_1 … β_p, boards last. Source of the
 * model: McCullagh, Regression models for ordinal data, J. R. Statist. Soc. B 42 (1980); the e^γ keeps the cut points in
 * order. {@link RecordLikelihood} is the likelihood of one record.
 */
final class OrdinalModel implements Surface {

    /** Parameters before the coefficients: α_1 and γ. */
    static final int CUTS = 2;

    private final Observations observations;
    private final NormalPrior prior;
    private final double hidden;
    private final double slip;

    OrdinalModel(Observations observations, NormalPrior prior) {
        this(observations, prior, 0, 0);
    }

    /**
     * @param hidden h, 0 or more and below 1
     * @param slip   chance that a piece is written down as broken whatever became of it, and as clean
     */
    OrdinalModel(Observations observations, NormalPrior prior, double hidden, double slip) {
        this.observations = observations;
        this.prior = prior;
        this.hidden = hidden;
        this.slip = slip;
    }

    /** Which of the other parameters each board meets in a record. */
    Places touched() {
        return observations.touched();
    }

    int dimension() {
        return prior.dimension();
    }

    NormalPrior prior() {
        return prior;
    }

    /** Log posterior density up to a constant, with its derivatives. */
    @Override
    public Local at(double[] theta) {
        double[] gradient = new double[theta.length];
        Arrow hessian = Arrow.zero(theta.length - observations.boards(), observations.touched());
        prior.derivatives(theta, gradient, hessian);
        double height = prior.logDensity(theta) + addRecords(theta, gradient, hessian);
        return new Local(height, gradient, hessian);
    }

    /** Adds what the records say to the slope and the curvature of a log density; gives their log likelihood. */
    double addRecords(double[] theta, double[] gradient, Arrow hessian) {
        int corner = theta.length - observations.boards();
        double gap = Math.exp(theta[1]);
        double height = 0;
        double between = observations.between();
        double[][] square = hessian.corner();
        // the same parts on every machine, added in their order: the same records always give the same fit
        for (Part part : observations.parts().parallelStream().map(rows -> addBoards(rows, theta, gap, gradient, hessian)).toList()) {
            height += part.height;
            for (int i = 0; i < corner; i++) {
                gradient[i] += part.gradient[i];
                for (int j = 0; j <= i; j++) {
                    square[i][j] += part.square[i][j];
                }
            }
        }
        height += between * Math.log(-Math.expm1(-gap));
        addGap(gap, between, gradient, square);
        hessian.mirror();
        return height;
    }

    /** What some of the records say, but for their boards. */
    private static final class Part {

        private double height;
        private final double[] gradient;
        private final double[][] square;

        Part(int corner) {
            gradient = new double[corner];
            square = new double[corner][corner];
        }
    }

    /** Adds to slope and curvature what some of the records say of their boards, which are in no other part. */
    private Part addBoards(Observations.Rows rows, double[] theta, double gap, double[] gradient, Arrow hessian) {
        int corner = theta.length - observations.boards();
        Part part = new Part(corner);
        // of each coefficient: its slope, and its curves with α_1, b and γ
        double[] sums = new double[4 * corner];
        double[] slope = part.gradient;
        double[][] square = part.square;
        RecordLikelihood record = likelihood();
        for (int row = rows.from(); row < rows.to(); row++) {
            double n = observations.count(row);
            observations.compute(row, observations.rest(row, theta), theta[CUTS], gap, record);
            part.height += n * record.height();
            slope[0] += n * record.alpha();
            slope[1] += n * record.gamma();
            slope[CUTS] += n * record.lead();
            square[0][0] += n * record.alphaAlpha();
            square[1][0] += n * record.alphaGamma();
            square[1][1] += n * record.gammaGamma();
            square[CUTS][0] += n * record.leadAlpha();
            square[CUTS][1] += n * record.leadGamma();
            square[CUTS][CUTS] += n * record.leadLead();
            observations.add(row, -n * record.alpha(), -n * record.alphaAlpha(), -n * record.leadAlpha(), -n * record.alphaGamma(),
                    sums);
            observations.addSquare(row, n * record.alphaAlpha(), square);
            int board = observations.board(row);
            if (board >= 0) {
                gradient[corner + board] -= n * record.alpha();
                hessian.tip()[board] += n * record.alphaAlpha();
                observations.addBorder(row, -n * record.alphaAlpha(), -n * record.alphaGamma(), -n * record.leadAlpha(), hessian.border());
            }
        }
        for (int i = CUTS + 1; i < corner; i++) {
            slope[i] += sums[4 * i];
            square[i][0] += sums[4 * i + 1];
            square[i][CUTS] += sums[4 * i + 2];
            square[i][1] += sums[4 * i + 3];
        }
        return part;
    }

    /** Chance that each record is of a piece that a hidden flaw broke, under given parameters. */
    double[] wereHidden(double[] theta) {
        RecordLikelihood record = likelihood();
        double[] were = new double[observations.size()];
        for (int row = 0; row < were.length; row++) {
            if (observations.severity(row) == 2) {
                observations.compute(row, observations.rest(row, theta), theta[CUTS], Math.exp(theta[1]), record);
                were[row] = record.wasHidden();
            }
        }
        return were;
    }

    /** What a single record says, to be worked out. */
    RecordLikelihood likelihood() {
        return new RecordLikelihood(hidden, slip);
    }

    /** How lopsided the posterior is round its mode, with the covariance there. */
    Lopsided lopsided(double[] mode, ArrowInverse covariance) {
        return new Lopsided(this, observations, mode, covariance);
    }

    /** The factor 1 − exp(−e^γ) of the middle severity. */
    private static void addGap(double gap, double count, double[] gradient, double[][] hessian) {
        gradient[1] += count * gap / Math.expm1(gap);
        hessian[1][1] += count * gapCurve(gap);
    }

    /** Second derivative by γ of the logarithm of that factor. */
    static double gapCurve(double gap) {
        double growth = Math.expm1(gap);
        return gap * (1 - gap * (1 + 1 / growth)) / growth;
    }

    static double index(double[] theta, Features features) {
        return features.times(theta, CUTS);
    }

    static double logistic(double z) {
        return 1 / (1 + Math.exp(-z));
    }

    /** ln σ(z), without losing it where σ(z) is all but 0. */
    static double logLogistic(double z) {
        return z > 0 ? -Math.log1p(Math.exp(-z)) : z - Math.log1p(Math.exp(z));
    }
}
