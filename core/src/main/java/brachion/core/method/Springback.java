package brachion.core.method;

import java.util.Optional;

/**
 * What a bend loses of its curve when it is let go, as computed before any record.
 *
 * <p>A solid bend of curvature κ held by a moment M opens by Δκ = r·M/(E_dry·I), with E_dry at the moisture of release
 * and r the share of the moment that time on the form leaves: r = r∞ + (1 − r∞)·exp(−hot/τ_hot − hold/τ). r∞ = 0.5,
 * τ = 12 h and τ_hot = 0.5 h for steam that stays on are starting values chosen by us; records move the first two.
 *
 * @param elasticShare share of the curvature that would be lost at once, without any rest on the form: M/(E_dry·I·κ)
 * @param holdHours    hours on the form [h]; empty for a lamination, which the glue holds
 * @param hotHours     hours on the form in heat before that [h]
 */
public record Springback(double elasticShare, Optional<Double> holdHours, double hotHours) {

    /** Share of the moment that never relaxes. */
    public static final double LASTING = 0.5;
    /** Time in which the rest falls to 1/e [h]. */
    public static final double RELAXATION_H = 12;
    /** The same time while steam stays on [h]. */
    private static final double HOT_RELAXATION_H = 0.5;
    /** A bend never opens to straight; keeps the logarithm finite. */
    private static final double MOST = 0.9;

    /** Nothing heated on the form. */
    public Springback(double elasticShare, Optional<Double> holdHours) {
        this(elasticShare, holdHours, 0);
    }

    /** Opening ln(R after/R form) when everything relaxes as supposed. */
    public double logOpening() {
        return lastingPart() + passingPart(RELAXATION_H);
    }

    /** The part of the opening that no time on the form takes away. */
    public double lastingPart() {
        return holdHours.isPresent() ? fullOpening(LASTING) : fullOpening(1);
    }

    /** The part that hours on the form take away, for a relaxation time [h]. */
    public double passingPart(double relaxationH) {
        return holdHours.map(hours -> (fullOpening(1) - fullOpening(LASTING)) * Math.exp(-hotHours / HOT_RELAXATION_H - hours / relaxationH)).orElse(0.0);
    }

    /** The share of the opening at once that heat left on the form may take away for good, beyond what it hastens; see {@code SpringbackModel}. */
    public double heatedPart() {
        return hotHours > 0 ? fullOpening(1) * -Math.expm1(-hotHours / HOT_RELAXATION_H) : 0;
    }

    private double fullOpening(double share) {
        return -Math.log1p(-Math.min(MOST, share * elasticShare));
    }
}
