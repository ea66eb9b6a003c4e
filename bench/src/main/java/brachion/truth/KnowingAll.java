package brachion.truth;

import brachion.core.method.GrowthRings;
import brachion.core.trial.Severity;
import brachion.truth.TrueShop.TruePiece;
import java.util.List;

/**
 * Somebody who knows the true chance of every piece but for what its rings do, and learns that one number from the same outcomes:
 * whoever has to learn the rest, too, finds the rings no sooner.
 */
final class KnowingAll {

    private static final int STEPS = 40;
    /** Where no piece tells anything the step is none, not endless. */
    private static final double LEAST = 1e-6;

    private KnowingAll() {
    }

    /**
     * How sure the records make of rings on edge: the log odds they add over the standard error of that, by logistic regression on one
     * unknown with the rest as offset (Newton's method).
     *
     * @param without the pieces as they would be if rings did nothing
     * @param pieces  the same as they are
     */
    static double ofRings(List<TruePiece> without, List<TruePiece> pieces) {
        double adds = 0;
        double information = 0;
        for (int step = 0; step < STEPS; step++) {
            double slope = 0;
            information = LEAST;
            for (int i = 0; i < pieces.size(); i++) {
                if (pieces.get(i).asked().blank().growthRings() == GrowthRings.ON_EDGE) {
                    double chance = Law.LIMITS.wrong() / 2 + (1 - Law.LIMITS.wrong()) * without.get(i).unbroken();
                    double holds = 1 / (1 + (1 - chance) / chance * Math.exp(-adds));
                    slope += (pieces.get(i).outcome().severity() == Severity.BROKEN ? 0 : 1) - holds;
                    information += holds * (1 - holds);
                }
            }
            adds += Math.max(-1, Math.min(1, slope / information));
        }
        return adds * Math.sqrt(information);
    }
}
