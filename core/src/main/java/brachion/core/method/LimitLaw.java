package brachion.core.method;

import org.hipparchus.special.Erf;

/** How the demand at which pieces fail scatters from piece to piece, and so how the odds of damage rise with ln D. */
public enum LimitLaw {

    /**
     * Pieces fail at strains that scatter log-normally by 30 % (20 to 30 % is common practice; boards of a kind are in it):
     * P(damage) = Φ(Φ⁻¹(1/20) + ln D/0.3). Its log odds are steeper than a straight line in ln D the further a piece is from its limit;
     * the load is these log odds over the slope expected, so that a model of log odds sees them.
     */
    LOGNORMAL {
        @Override
        public double load(double logRatio) {
            double z = AT_ONE + logRatio / SCATTER;
            double beyond = Math.abs(z) - FAR;
            double within = beyond > 0 ? Math.copySign(FAR, z) : z;
            double straightOn = beyond > 0 ? Math.copySign(beyond, z) * FAR_SLOPE : 0;
            return (logOdds(within) + straightOn - ODDS_AT_ONE) / SLOPE;
        }

        @Override
        public double logRatio(double load) {
            double odds = load * SLOPE + ODDS_AT_ONE;
            double beyond = Math.abs(odds) - ODDS_FAR;
            double z = beyond > 0 ? Math.copySign(FAR + beyond / FAR_SLOPE, odds)
                    : Math.copySign(Math.sqrt(2) * Erf.erfcInv(2 / (1 + Math.exp(Math.abs(odds)))), odds);
            return (z - AT_ONE) * SCATTER;
        }
    },
    /** Nothing is known of how they scatter: the log odds rise evenly with ln D. */
    LOGISTIC {
        @Override
        public double load(double logRatio) {
            return logRatio;
        }

        @Override
        public double logRatio(double load) {
            return load;
        }
    };

    /** Rise of the log odds with the load, as expected: that of a logistic distribution that scatters as much. */
    static final double SLOPE = 6;
    private static final double SCATTER = 0.3;
    /** Φ⁻¹(1/20): where D is 1, one piece in twenty breaks. */
    private static final double AT_ONE = -1.6448536269514722;
    /** Beyond so many standard deviations nobody can tell one chance from another; log odds go straight on. */
    private static final double FAR = 5;
    private static final double ODDS_AT_ONE = logOdds(AT_ONE);
    private static final double ODDS_FAR = logOdds(FAR);
    private static final double FAR_SLOPE = Math.exp(-FAR * FAR / 2) / Math.sqrt(2 * Math.PI) / tail(FAR);

    /** What enters the log odds of damage for ln D; 0 where D is 1, and rising with it. */
    public abstract double load(double logRatio);

    /** The ln D of a load. */
    public abstract double logRatio(double load);

    private static double logOdds(double z) {
        double rarer = tail(Math.abs(z));
        return Math.copySign(Math.log1p(-rarer) - Math.log(rarer), z);
    }

    /** Chance of a standard normal variable to lie beyond z. */
    private static double tail(double z) {
        return Erf.erfc(z / Math.sqrt(2)) / 2;
    }
}
