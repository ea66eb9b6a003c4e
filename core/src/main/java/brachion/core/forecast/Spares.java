package brachion.core.forecast;

import brachion.core.method.Recipe;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.List;
import java.util.OptionalInt;

/**
 * How many blanks to cut, and how many to spend on testing. The chance that a piece holds is itself uncertain, so a run of
 * pieces holds or breaks together more often than coins would; that uncertainty is integrated.
 *
 * @param blanks     smallest number of blanks of which enough come out good, with the wanted certainty; empty when even
 *                   the most looked at are too few
 * @param certainty  chance that enough come out good with that many
 * @param bareOdds   chance that enough come out good with no spare at all
 * @param testPieces smallest number of test pieces that, when all of them hold, make the next one hold with the wanted
 *                   certainty; 0 when it does already, empty when more than the most looked at
 * @param perPiece   odds of a single piece
 */
public record Spares(OptionalInt blanks, double certainty, double bareOdds, OptionalInt testPieces, Odds perPiece) {

    static final int MOST_BLANKS = 400;
    private static final int MOST_TESTS = 12;

    /**
     * @param good      pieces needed
     * @param certainty chance wanted that there are so many, above 0 and below 1
     * @param worst     the worst severity that still counts as good
     */
    public static Spares of(RiskModel risk, Recipe recipe, int good, double certainty, Severity worst) {
        if (good < 1 || good > MOST_BLANKS / 2 || !(certainty > 0 && certainty < 1)) {
            throw new IllegalArgumentException("Between 1 and " + MOST_BLANKS / 2 + " good pieces can be asked for, with a"
                    + " certainty between 0 and 1; not " + good + " with " + certainty);
        }
        List<Possible> possible = Possible.of(recipe);
        OddsSpread spread = OddsSpread.of(risk, possible, worst);
        int blanks = good;
        double chance = spread.enough(blanks, good);
        double bare = chance;
        while (chance < certainty && blanks < MOST_BLANKS) {
            blanks++;
            chance = spread.enough(blanks, good);
        }
        return new Spares(chance >= certainty ? OptionalInt.of(blanks) : OptionalInt.empty(), chance, bare,
                tests(spread, certainty), spread.odds());
    }

    /** After so many that held, the next holds with E[p^(m+1)]/E[p^m]. */
    private static OptionalInt tests(OddsSpread spread, double certainty) {
        for (int tests = 0; tests <= MOST_TESTS; tests++) {
            int held = tests;
            double next = spread.average(p -> Math.pow(p, held + 1)) / spread.average(p -> Math.pow(p, held));
            if (next >= certainty) {
                return OptionalInt.of(tests);
            }
        }
        return OptionalInt.empty();
    }
}
