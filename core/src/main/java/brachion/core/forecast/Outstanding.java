package brachion.core.forecast;

import brachion.core.method.Recipe;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.OptionalInt;

/**
 * How many pieces of a job are still to be started. The chance that a piece holds is itself uncertain, as for {@link Spares}.
 *
 * @param toStart  fewest pieces to start besides those under way of which enough come out good, with the wanted certainty; empty when
 *                 even the most looked at are too few
 * @param suffices chance that those under way are enough
 * @param perPiece odds of a single piece
 */
public record Outstanding(OptionalInt toStart, double suffices, Odds perPiece) {

    /** Where fewer come good, a job had better be planned otherwise before its days are; a round number chosen by us. */
    private static final double WORTH_PLANNING = 0.35;
    /** Nobody lays out more at once than so many times what is missing, and so many. */
    private static final int AT_ONCE_TIMES = 4;
    private static final int AT_ONCE_MORE = 8;

    /**
     * @param missing   good pieces that are still to come, 0 or more
     * @param underWay  pieces of them that are begun and not bent yet
     * @param certainty chance wanted that there are enough, above 0 and below 1
     * @param worst     the worst severity that still counts as good
     */
    public static Outstanding of(RiskModel risk, Recipe recipe, int missing, int underWay, double certainty, Severity worst) {
        if (missing < 0 || underWay < 0 || !(certainty > 0 && certainty < 1)) {
            throw new IllegalArgumentException("No fewer than none can be missing or under way, with a certainty between 0 and 1; not "
                    + missing + " and " + underWay + " with " + certainty);
        }
        OddsSpread spread = OddsSpread.of(risk, Possible.of(recipe), worst);
        double suffices = spread.enough(underWay, missing);
        if (suffices >= certainty) {
            return new Outstanding(OptionalInt.of(0), suffices, spread.odds());
        }
        if (underWay >= Spares.MOST_BLANKS || spread.enough(Spares.MOST_BLANKS, missing) < certainty) {
            return new Outstanding(OptionalInt.empty(), suffices, spread.odds());
        }
        // more pieces are never less likely to be enough
        int tooFew = underWay;
        int enough = Spares.MOST_BLANKS;
        while (enough - tooFew > 1) {
            int between = (tooFew + enough) >>> 1;
            if (spread.enough(between, missing) >= certainty) {
                enough = between;
            } else {
                tooFew = between;
            }
        }
        return new Outstanding(OptionalInt.of(enough - underWay), suffices, spread.odds());
    }

    /** Whether so many come good that their days are worth planning. */
    public boolean worthPlanning() {
        return toStart.isPresent() && perPiece.probability() >= WORTH_PLANNING;
    }

    /**
     * How many pieces to plan: those to start, as far as anybody begins so many at once, or just those that are missing where the job
     * is not worth planning as it is.
     *
     * @param missing good pieces that are still to come
     */
    public int toPlan(int missing) {
        return worthPlanning() ? Math.min(toStart.orElseThrow(), AT_ONCE_TIMES * missing + AT_ONCE_MORE) : missing;
    }
}
