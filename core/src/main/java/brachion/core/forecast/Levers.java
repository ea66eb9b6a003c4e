package brachion.core.forecast;

import brachion.core.method.Change;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What to change. Each lever is one small practical step with what it does to the odds; the combination is the one that
 * reaches the wanted odds with least trouble.
 *
 * @param now     odds as things are
 * @param levers  single steps; first those that go half the way or more, the least trouble first among them, then the others, the most useful first
 * @param cheapest the cheapest steps together that reach the wanted odds, or the best found when none do
 */
public record Levers(Odds now, List<Lever> levers, Combination cheapest) {

    /** As many different steps are combined. */
    private static final int COMBINED = 3;
    /** Only so many of the first single steps are tried together. */
    private static final int TRIED = 6;
    /** A step that moves the odds by less is no lever. */
    private static final double WORTH = 0.002;
    /** One that moves them by this on the scale of log odds may be one of several; chosen by us. */
    private static final double TOGETHER = 0.25;
    private static final Comparator<Lever> MOST_USEFUL = Comparator.comparingDouble((Lever lever) -> lever.unbroken().cautious()).reversed();

    /**
     * One step.
     *
     * @param change   the step
     * @param recipe   the recipe after it
     * @param unbroken odds that it does not break then
     * @param beyondRecords whether it then asks more than any record did
     */
    public record Lever(Change change, Recipe recipe, Odds unbroken, boolean beyondRecords) {
    }

    /**
     * Several steps together.
     *
     * @param changes  the steps; none when the odds are good enough as they are
     * @param recipe   the recipe after them
     * @param unbroken odds that it does not break then
     * @param reaches  whether that is what was wanted
     * @param beyondRecords whether it then asks more than any record did
     */
    public record Combination(List<Change> changes, Recipe recipe, Odds unbroken, boolean reaches, boolean beyondRecords) {

        private int effort() {
            return changes.stream().mapToInt(Change::effort).sum();
        }
    }

    /**
     * @param wanted probability wanted that the piece does not break
     * @param marks  the marks radius and thickness are to lie on
     */
    public static Levers of(Forecaster forecaster, Recipe recipe, double wanted, Marks marks) {
        Odds now = forecaster.unbroken(recipe);
        List<Lever> helpful = inOrder(leastOfEachKind(Change.of(recipe, marks).parallelStream()
                .map(change -> lever(forecaster, recipe, change))
                .filter(lever -> helps(now, lever.unbroken())).toList(), wanted), now, wanted);
        List<Lever> levers = helpful.stream().filter(lever -> lever.unbroken().probability() > now.probability() + WORTH).toList();
        Combination best = new Combination(List.of(), recipe, now, now.probability() >= wanted, forecaster.beyondRecords(recipe));
        if (!best.reaches()) {
            best = cheapest(forecaster, recipe, helpful, wanted, best);
        }
        return new Levers(now, levers, best);
    }

    /** One that moves hopeless odds by next to nothing may still be one of three that together do. */
    private static boolean helps(Odds now, Odds then) {
        return then.probability() > now.probability() + WORTH || logOdds(then.probability()) > logOdds(now.probability()) + TOGETHER;
    }

    /** Of several steps of one kind the smallest that reaches what is wanted, or else the most useful. */
    private static List<Lever> leastOfEachKind(List<Lever> levers, double wanted) {
        Map<Change.Kind, List<Lever>> byKind = levers.stream().collect(Collectors.groupingBy(lever -> lever.change().kind(), LinkedHashMap::new, Collectors.toList()));
        return byKind.values().stream().map(alike -> alike.stream().filter(lever -> lever.unbroken().probability() >= wanted).findFirst()
                .orElseGet(() -> alike.stream().min(MOST_USEFUL).orElseThrow())).toList();
    }

    /**
     * A step that goes half the way or more of the one that goes furthest tells, on the scale of log odds; more than is wanted counts no more.
     * Among those that tell, another piece of the stack or a little more time comes before what must be made or bought.
     */
    private static List<Lever> inOrder(List<Lever> levers, Odds now, double wanted) {
        ToDoubleFunction<Lever> gain = lever -> logOdds(Math.min(wanted, lever.unbroken().cautious())) - logOdds(now.cautious());
        double half = levers.stream().mapToDouble(gain).max().orElse(0) / 2;
        Comparator<Lever> leastTrouble = Comparator.comparingInt(lever -> lever.change().effort());
        return Stream.concat(levers.stream().filter(lever -> gain.applyAsDouble(lever) >= half).sorted(leastTrouble.thenComparing(MOST_USEFUL)),
                levers.stream().filter(lever -> gain.applyAsDouble(lever) < half).sorted(MOST_USEFUL)).toList();
    }

    private static double logOdds(double probability) {
        double kept = Math.max(1e-6, Math.min(1 - 1e-6, probability));
        return Math.log(kept / (1 - kept));
    }

    /** A recipe after a change. */
    static Lever lever(Forecaster forecaster, Recipe recipe, Change change) {
        Recipe changed = change.on().apply(recipe);
        return new Lever(change, changed, forecaster.unbroken(changed), forecaster.beyondRecords(changed));
    }

    private static Combination cheapest(Forecaster forecaster, Recipe recipe, List<Lever> levers, double wanted,
                                        Combination asIs) {
        List<List<Change>> sets = new ArrayList<>();
        subsets(levers.stream().limit(TRIED).map(Lever::change).toList(), 0, List.of(), sets);
        List<Combination> tried = sets.parallelStream().map(changes -> {
            Recipe changed = recipe;
            for (Change change : changes) {
                changed = change.on().apply(changed);
            }
            Odds odds = forecaster.unbroken(changed);
            return new Combination(changes, changed, odds, odds.probability() >= wanted, forecaster.beyondRecords(changed));
        }).toList();
        Comparator<Combination> likelier = Comparator.comparingDouble(each -> -each.unbroken().cautious());
        return tried.stream().filter(Combination::reaches)
                .min(Comparator.comparingInt(Combination::effort).thenComparing(likelier))
                .orElseGet(() -> tried.stream().min(likelier).orElse(asIs));
    }

    private static void subsets(List<Change> changes, int from, List<Change> chosen, List<List<Change>> sets) {
        if (!chosen.isEmpty()) {
            sets.add(chosen);
        }
        if (chosen.size() == COMBINED) {
            return;
        }
        for (int next = from; next < changes.size(); next++) {
            List<Change> more = new ArrayList<>(chosen);
            more.add(changes.get(next));
            subsets(changes, next + 1, more, sets);
        }
    }
}
