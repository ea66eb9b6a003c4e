package brachion.core.forecast;

import brachion.core.method.FailureMode;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.risk.Margin;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What to try next: single trials by how much each would narrow the forecasts that matter, and a ladder of gentler bends
 * that leads to the target.
 *
 * @param trials     trials worth making, the most telling first
 * @param radiusLadder steps from a radius that is safe to the one wanted, with the odds of each now
 * @param thicknessLadder the same over thickness
 */
public record NextTrials(List<TellingTrial> trials, List<Rung> radiusLadder, List<Rung> thicknessLadder) {

    private static final double[] RADII = {0.8, 0.9, 1, 1.15, 1.35, 1.6};
    private static final double[] THICKNESSES = {0.8, 0.9, 1, 1.15};
    private static final int SHOWN = 5;
    private static final double SAFE = 0.9;
    private static final int MOST_RUNGS = 6;
    private static final double LONGEST_REACH = 4;
    /**
     * To first order a trial promises more than it brings: over ten rounds in simulated shops, about three quarters of the
     * variance it should have removed went away.
     */
    private static final double KEPT = 0.75;

    /**
     * A trial and what it would tell.
     *
     * @param recipe    the trial
     * @param unbroken  odds that it does not break
     * @param spreadNow standard deviation of the odds that matter, now
     * @param spreadThen what it would be after the trial, on average over how it may end
     */
    public record TellingTrial(Recipe recipe, Odds unbroken, double spreadNow, double spreadThen) {
    }

    /**
     * One step of a ladder.
     *
     * @param recipe   the bend
     * @param unbroken odds that it does not break, now
     */
    public record Rung(Recipe recipe, Odds unbroken) {
    }

    /**
     * @param target the bend the person is working towards
     * @param others other bends of the same method whose forecasts matter too
     * @param marks  the marks suggestions are to lie on
     */
    public static NextTrials of(RiskModel risk, Recipe target, List<Recipe> others, Marks marks) {
        Forecaster forecaster = new Forecaster(risk);
        List<Matters> matter = new ArrayList<>(List.of(Matters.of(risk, target)));
        others.stream().filter(other -> other.method().kind() == target.method().kind())
                .forEach(other -> matter.add(Matters.of(risk, other)));
        return new NextTrials(telling(risk, forecaster, target, matter, marks),
                ladder(forecaster, factor -> marks.scaled(target, factor, 1)),
                ladder(forecaster, factor -> target.method().thickened(target, marks, 1 / factor)));
    }

    /**
     * A bend whose forecast matters.
     *
     * @param piece    the bend
     * @param moves    how far each mode's margin moves its odds, to first order: by P·(1 − p_mode)
     * @param variance variance of the odds, to first order
     */
    private record Matters(Possible piece, Map<FailureMode, Double> moves, double variance) {

        static Matters of(RiskModel risk, Recipe recipe) {
            Possible piece = Possible.typical(recipe);
            double holds = risk.holds(Severity.FLAW, piece);
            Map<FailureMode, Double> moves = new EnumMap<>(FailureMode.class);
            double variance = 0;
            for (FailureMode mode : risk.modes(recipe)) {
                Margin margin = risk.margin(mode, Severity.FLAW, piece);
                double by = holds * (1 - margin.probability());
                moves.put(mode, by);
                variance += by * by * margin.sd() * margin.sd();
            }
            return new Matters(piece, moves, variance);
        }

        /** How much of the variance a trial would remove, on average. */
        double removedBy(RiskModel risk, Possible tried) {
            return moves.entrySet().stream().mapToDouble(each -> each.getValue() * each.getValue()
                    * risk.varianceReduction(each.getKey(), Severity.FLAW, piece, tried)).sum();
        }
    }

    private static List<TellingTrial> telling(RiskModel risk, Forecaster forecaster, Recipe target, List<Matters> matter,
                                              Marks marks) {
        Set<Recipe> candidates = new LinkedHashSet<>();
        for (double radius : RADII) {
            for (double thickness : THICKNESSES) {
                candidates.add(marks.scaled(target, radius, thickness));
            }
        }
        double now = matter.stream().mapToDouble(Matters::variance).sum();
        return candidates.parallelStream().map(candidate -> {
            Possible tried = Possible.typical(candidate);
            double removed = KEPT * matter.stream().mapToDouble(each -> each.removedBy(risk, tried)).sum();
            return new TellingTrial(candidate, forecaster.unbroken(candidate), Math.sqrt(now), Math.sqrt(Math.max(0, now - removed)));
        }).sorted(Comparator.comparingDouble(TellingTrial::spreadThen)).limit(SHOWN).toList();
    }

    private interface Easing {
        /** The target made gentler by a factor. */
        Recipe by(double factor);
    }

    /** Even steps of the logarithm from the first bend that is safe, or the gentlest looked at, down to the target. */
    private static List<Rung> ladder(Forecaster forecaster, Easing easing) {
        double safe = 1;
        double step = Math.pow(LONGEST_REACH, 1.0 / 12);
        while (safe < LONGEST_REACH && forecaster.unbroken(easing.by(safe)).probability() < SAFE) {
            safe = Math.min(LONGEST_REACH, safe * step);
        }
        int rungs = Math.min(MOST_RUNGS, 1 + (int) Math.ceil(Math.log(safe) / Math.log(1.12)));
        Set<Recipe> bends = new LinkedHashSet<>();
        for (int rung = 0; rung < rungs; rung++) {
            bends.add(easing.by(rungs == 1 ? 1 : Math.pow(safe, 1 - (double) rung / (rungs - 1))));
        }
        return bends.stream().map(bend -> new Rung(bend, forecaster.unbroken(bend))).toList();
    }
}
