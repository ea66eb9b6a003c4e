package brachion.core.wood;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Estimates the minimum bending radius of a species without a published one. It starts from the class of the wood and
 * moves ln R along the least-squares line of ln(R/R_class) on the published percentage of unbroken pieces, over the
 * species that have both. A species with no percentage keeps the radius of its class.
 */
final class RadiusEstimate {

    private final double slope;
    private final double meanPercent;

    private RadiusEstimate(double slope, double meanPercent) {
        this.slope = slope;
        this.meanPercent = meanPercent;
    }

    /** A species with a published radius [mm], the radius of its class [mm] and its unbroken percentage [%]. */
    record Known(double radiusMm, double classRadiusMm, double unbrokenPercent) {
        double logRatio() {
            return Math.log(radiusMm / classRadiusMm);
        }
    }

    static RadiusEstimate fit(List<Known> species) {
        double meanPercent = species.stream().mapToDouble(Known::unbrokenPercent).average().orElseThrow();
        double meanRatio = species.stream().mapToDouble(Known::logRatio).average().orElseThrow();
        double covariance = 0;
        double variance = 0;
        for (Known known : species) {
            double off = known.unbrokenPercent() - meanPercent;
            covariance += off * (known.logRatio() - meanRatio);
            variance += off * off;
        }
        return new RadiusEstimate(covariance / variance, meanPercent);
    }

    double radiusMm(double classRadiusMm, OptionalDouble unbrokenPercent) {
        if (unbrokenPercent.isEmpty()) {
            return classRadiusMm;
        }
        return classRadiusMm * Math.exp(slope * (unbrokenPercent.getAsDouble() - meanPercent));
    }
}
