package brachion.core.risk;

import java.util.Arrays;
import java.util.Optional;

/**
 * Posterior mode by Newton's method with the normal distribution round it whose precision is the curvature there
 * (Laplace's approximation; Tierney and Kadane, J. Am. Statist. Assoc. 81, 1986). The posterior is lopsided, more so with
 * many boards of few pieces, so its mean lies beside the mode: to first order by the covariance times the average slope
 * round it ({@link Lopsided#averageSlope}). What is said of a piece goes by the mean.
 *
 * @param mode       the most probable parameters
 * @param mean       their mean
 * @param hessian    second derivatives of the log posterior at the mode
 * @param covariance covariance of the normal approximation
 * @param logEvidence log of the probability of the records, all parameters integrated out, by the same approximation;
 *                    meaningful where no prior is flat
 * @param iterations Newton steps taken
 * @param settled    whether the mode was found, or only the best point on the way to it
 */
record LaplaceFit(double[] mode, double[] mean, Arrow hessian, ArrowInverse covariance, double logEvidence, int iterations,
                  boolean settled) {

    /** A Newton step that would raise the log posterior by less than this, a thousandth of a standard deviation, is the last. */
    private static final double RISE = 1e-6;

    /** A record more is counted in to within this rise; the fit that follows does it again with care. */
    private static final double ROUGHLY = 1e-3;

    /** The mean lies no further from the mode than so many standard deviations; beyond, the first order says too much. */
    private static final double FURTHEST_SD = 0.75;

    static LaplaceFit of(OrdinalModel model) {
        return from(model, model.prior().mean());
    }

    /** The fit, searched from a start near the mode; the result is the same from any start. */
    static LaplaceFit from(OrdinalModel model, double[] start) {
        Peak peak = Peak.of(model, start, RISE);
        return of(model, peak, peak.afterLast()).seenFromItsMode(model).centred(model);
    }

    /** This fit with the curves of its very mode, so that whoever knows the mode alone comes to the same to the last digit. */
    private LaplaceFit seenFromItsMode(OrdinalModel model) {
        Arrow there = model.at(mode).hessian();
        return ArrowInverse.ofNegative(there, 0).map(inverse -> new LaplaceFit(mode, mean, there, inverse, logEvidence, iterations, settled)).orElse(this);
    }

    /** The fit again that once ended at a mode; empty where that is no mode of the model, or not one to be sure of. */
    static Optional<LaplaceFit> again(OrdinalModel model, double[] mode, double[] mean, double logEvidence) {
        if (mode.length != model.dimension() || mean.length != mode.length) {
            return Optional.empty();
        }
        Surface.Local local = model.at(mode);
        return ArrowInverse.ofNegative(local.hessian(), 0).filter(inverse -> Peak.dot(inverse.times(local.gradient()), local.gradient()) < ROUGHLY)
                .map(inverse -> new LaplaceFit(mode, mean, local.hessian(), inverse, logEvidence, 0, true));
    }

    /** This fit of a model with its mean put where it belongs. */
    LaplaceFit centred(OrdinalModel model) {
        double[] off = covariance.times(model.lopsided(mode, covariance).averageSlope());
        double longest = 1;
        for (int i = 0; i < off.length; i++) {
            longest = Math.max(longest, Math.abs(off[i]) / (FURTHEST_SD * Math.sqrt(variance(i))));
        }
        double[] moved = mode.clone();
        for (int i = 0; i < moved.length; i++) {
            moved[i] += off[i] / longest;
        }
        return new LaplaceFit(mode, moved, hessian, covariance, logEvidence, iterations, settled);
    }

    /**
     * The fit to within a rise of the log posterior, its mean taken to be the mode; enough where only the evidence is
     * compared.
     */
    static LaplaceFit roughly(OrdinalModel model, double[] start, double rise) {
        Peak peak = Peak.of(model, start, rise);
        return of(model, peak, peak.point());
    }

    /** The same before the last step is looked at: with the curves of where it begins, and the mode where it should end. */
    static LaplaceFit foreseen(OrdinalModel model, double[] start, double rise) {
        Peak peak = Peak.of(model, start, rise);
        return of(model, peak, peak.afterLast());
    }

    private static LaplaceFit of(OrdinalModel model, Peak peak, double[] mode) {
        double height = peak.local().height() + Peak.dot(peak.last(), peak.local().gradient()) / 2;
        double logEvidence = height - model.prior().logNormaliser()
                + model.dimension() * 0.5 * Math.log(2 * Math.PI) - peak.inverse().logDeterminant() / 2;
        return new LaplaceFit(mode, mode, peak.local().hessian(), peak.inverse(), logEvidence, peak.iterations(), peak.settled());
    }

    /**
     * This fit with more records: the peak of the normal distribution that stands for all before, times the likelihood of the
     * new ones. The mean moves with the mode.
     *
     * @param records     the new records alone, with the same parameters
     * @param logEvidence log of how probable they were
     */
    LaplaceFit with(OrdinalModel records, double logEvidence) {
        Arrow before = hessian.covering(records.touched());
        Peak peak = Peak.of(theta -> {
            double[] off = new double[theta.length];
            Arrays.setAll(off, i -> theta[i] - mode[i]);
            double[] slope = hessian.times(off);
            double height = 0;
            for (int i = 0; i < off.length; i++) {
                height += off[i] * slope[i] / 2;
            }
            Arrow curve = before.copy();
            height += records.addRecords(theta, slope, curve);
            return new Surface.Local(height, slope, curve);
        }, mode, ROUGHLY);
        double[] middle = mean.clone();
        for (int i = 0; i < middle.length; i++) {
            middle[i] += peak.point()[i] - mode[i];
        }
        return new LaplaceFit(peak.point(), middle, peak.local().hessian(), peak.inverse(), this.logEvidence + logEvidence,
                iterations + peak.iterations(), peak.settled());
    }

    /**
     * The same with parameters put in that no record speaks of, at zero with their priors.
     *
     * @param to    where each parameter goes
     * @param prior priors of all parameters
     * @param rest  how many of the parameters are boards
     */
    LaplaceFit spread(int[] to, NormalPrior prior, int rest) {
        Arrow curve = hessian.spread(to, prior.dimension() - rest, rest);
        double[] there = prior.mean().clone();
        double[] middle = prior.mean().clone();
        boolean[] known = new boolean[there.length];
        for (int i = 0; i < to.length; i++) {
            there[to[i]] = mode[i];
            middle[to[i]] = mean[i];
            known[to[i]] = true;
        }
        for (int i = 0; i < known.length; i++) {
            if (!known[i]) {
                curve.addDiagonal(i, -1 / (prior.sd()[i] * prior.sd()[i]));
            }
        }
        ArrowInverse inverse = ArrowInverse.ofNegative(curve, 0).orElseThrow();
        return new LaplaceFit(there, middle, curve, inverse, logEvidence, iterations, settled);
    }

    /** Variance of a parameter. */
    double variance(int place) {
        return covariance.at(place, place);
    }

    /**
     * The margin α_j − η of a piece: how far below the cut to severity j + 1 it stands.
     *
     * @param cut      0 for "clean", 1 for "unbroken"
     * @param features x_1 … x_p, those that are not zero
     */
    Margin margin(int cut, Features features) {
        double gap = cut == 0 ? 0 : Math.exp(mean[1]);
        double variance = variance(cut, features);
        return new Margin(mean[0] + gap - OrdinalModel.index(mean, features), Math.sqrt(Math.max(0, variance)));
    }

    /** Variance of a margin. */
    double variance(int cut, Features features) {
        return covariance.square(places(features), slopes(cut, features));
    }

    /** Covariance of two margins. */
    double covariance(int cut, Features features, int otherCut, Features otherFeatures) {
        return covariance.product(places(features), slopes(cut, features), places(otherFeatures),
                slopes(otherCut, otherFeatures));
    }

    /** Derivatives of a margin by α_1, γ and the coefficients it touches. */
    double[] slopes(int cut, Features features) {
        double[] slopes = new double[OrdinalModel.CUTS + features.value().length];
        slopes[0] = 1;
        slopes[1] = cut == 0 ? 0 : Math.exp(mean[1]);
        for (int i = OrdinalModel.CUTS; i < slopes.length; i++) {
            slopes[i] = -features.value()[i - OrdinalModel.CUTS];
        }
        return slopes;
    }

    /** The parameters a margin touches, in the order of {@link #slopes}. */
    static int[] places(Features features) {
        int[] places = new int[OrdinalModel.CUTS + features.index().length];
        Arrays.setAll(places, i -> i < OrdinalModel.CUTS ? i
                : OrdinalModel.CUTS + features.index()[i - OrdinalModel.CUTS]);
        return places;
    }
}
