package brachion.truth;

import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.physics.Physics;
import brachion.core.wood.BendingRadii;
import org.hipparchus.distribution.continuous.NormalDistribution;

/** Laws by which pieces fail in a shop; none is the product's. */
enum Law {

    /** What is asked is as computed with constants of the shop's own; limits scatter log-normally by 25 %. */
    LIMITS,
    /** The same, but what is written down is further off: a meter that reads 3 points wrong, a calliper by 4 %, three outcomes in a hundred. */
    WRONG_INSTRUMENTS {
        @Override
        double meterBias() {
            return 3;
        }

        @Override
        double calliper() {
            return 0.04;
        }

        @Override
        double wrong() {
            return 0.03;
        }
    },
    /**
     * Another physics in form, not only in constants: strains from the middle of the piece, softness that saturates with minutes an inch and
     * rises evenly with moisture, a strap that takes four fifths of the stretch, and limits of the weakest link (Weibull, modulus 4).
     */
    OTHER_PHYSICS {
        @Override
        double[] asked(Recipe truth, Physics constants) {
            double thick = truth.blank().thicknessMm();
            BendingRadii radii = truth.blank().species().radii();
            SteamBox steam = (SteamBox) truth.method();
            double strain = strain(thick, truth.bend().innerRadiusMm());
            double heated = 1 - Math.exp(-steam.steamMinutes() / (MINUTES_AN_INCH * thick / 25.4));
            double wet = Math.min(1, Math.max(0, (truth.blank().moisturePercent().orElseThrow() + (steam.soakHours() > 0 ? 5 : 2) - 4) / 18));
            double soft = 0.3 + 0.7 * heated * (0.45 + 0.55 * wet);
            double grain = 1 - 2 / truth.blank().grainRun().orElseThrow();
            double limit = strain(BendingRadii.STOCK_THICKNESS_MM, radii.unsupportedMm()) * soft * grain;
            double squeezed = strain(BendingRadii.STOCK_THICKNESS_MM, radii.supportedMm()) * soft;
            return steam.strap().map(strap -> new double[] {Math.log((TAKEN * strain + strap.endGapMm() / truth.bend().outerArcMm(thick)) / limit), Math.log(strain / squeezed)})
                    .orElseGet(() -> new double[] {Math.log(strain / limit), Math.log(NO_STRAP * strain / squeezed)});
        }

        @Override
        double holds(double beyond) {
            return Math.pow(0.95, Math.exp(WEIBULL * beyond));
        }

        @Override
        double limit(double draw) {
            return Math.log(Math.log(draw) / Math.log(0.95)) / WEIBULL;
        }
    };

    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final double PIECES = 0.25;
    /** Published radii are those at which one piece in twenty breaks. */
    private static final double ONE_IN_TWENTY = PIECES * 1.645;
    private static final double MINUTES_AN_INCH = 30;
    /** Of the stretch a strap leaves, and of the squeeze there is without one. */
    private static final double TAKEN = 0.2;
    private static final double NO_STRAP = 0.5;
    private static final double WEIBULL = 4;

    private static double strain(double thickMm, double radiusMm) {
        return thickMm / (2 * radiusMm + thickMm);
    }

    /** By how much, as a logarithm, each face is asked more than breaks one in twenty. */
    double[] asked(Recipe truth, Physics constants) {
        Demand demand = truth.demand(constants);
        return new double[] {Math.log(demand.tensionRatio()), Math.log(demand.compressionRatio())};
    }

    /** Chance that a face holds that is asked so much more than breaks one in twenty, as a logarithm. */
    double holds(double beyond) {
        return NORMAL.cumulativeProbability((ONE_IN_TWENTY - beyond) / PIECES);
    }

    /** The limit of a piece on that scale, for a number drawn evenly between 0 and 1. */
    double limit(double draw) {
        return ONE_IN_TWENTY - PIECES * NORMAL.inverseCumulativeProbability(draw);
    }

    /** Points that a meter of the shop reads too much or too little. */
    double meterBias() {
        return 0;
    }

    /** How far thickness is off, as a share. */
    double calliper() {
        return 0.02;
    }

    /** Share of outcomes written down wrong. */
    double wrong() {
        return 0.01;
    }
}
