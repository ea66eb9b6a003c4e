package brachion.core.forecast;

import brachion.core.forecast.Precedents.Near;
import brachion.core.method.AtHand;
import brachion.core.method.Family;
import brachion.core.method.Method;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.method.Term;
import brachion.core.method.WantedPiece;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Finds ways to a bend: every combination of stock and settings that is at hand is forecast, those good enough are
 * ranked, and of the rest it is said why they fell out.
 *
 * <p>A combination that would not do even if steam softened it through and through is not followed through soak and
 * steam.
 */
public final class WaySearch {

    /** A bend that lacks so much at its best is not looked at further. */
    private static final double HOPELESS = 0.1;
    private static final int CHUNK = 6;
    private static final int SHOWN = 12;
    private static final int MOST_FORECAST = 120;
    private static final int OF_ONE_SPECIES = 2;

    private final RiskModel risk;
    private final Forecaster forecaster;
    private final Map<Family, Precedents> precedents = new EnumMap<>(Family.class);

    /** A search that answers from this fit. */
    public WaySearch(RiskModel risk) {
        this.risk = risk;
        this.forecaster = new Forecaster(risk);
    }

    /**
     * What is wanted.
     *
     * @param piece    the finished piece
     * @param unbroken probability wanted that a piece does not break
     * @param order    which of the ways come first
     */
    public record Wanted(WantedPiece piece, double unbroken, Order order) {
    }

    /** Which of the ways that are good enough come first. */
    public enum Order {
        /** Those that come off the form soonest, steaming shorter than every school says last. */
        QUICKEST,
        /** Those likeliest to hold. */
        SUREST,
        /** Those that ask about as much as most records do, of this wood before others. */
        MOST_TRIED
    }

    /**
     * A way that is good enough.
     *
     * @param recipe        stock and settings
     * @param unbroken      odds that a piece does not break
     * @param hours         hours until it comes off the form or out of the clamps
     * @param trialsNear    how many records asked about as much ({@link Evidence#trialsNear()})
     * @param ofThisWood    how many of those are of the same wood
     * @param ofOtherShops  how many of those are records of other shops
     * @param beyondRecords whether it asks more than any record did ({@link Evidence#beyondRecords()})
     * @param shorterThanSchools whether it is steamed for less time than every school says
     */
    public record Way(Recipe recipe, Odds unbroken, double hours, int trialsNear, int ofThisWood, int ofOtherShops, boolean beyondRecords,
                      boolean shorterThanSchools) {
    }

    /**
     * Ways that are not good enough, by what limits the best of them.
     *
     * @param because    what limits them most
     * @param count      how many
     * @param best       the one that comes nearest
     * @param unbroken   its odds
     */
    public record FellOut(Term because, int count, Recipe best, double unbroken) {
    }

    /**
     * What was found.
     *
     * @param ways    the ways, the best first by the order asked for, no more than two of one wood
     * @param reached how many combinations are good enough at a rough look
     * @param looked  how many were looked at
     * @param fellOut why the others fell out, the most common reason first
     * @param nearest the combination that comes nearest when none is good enough
     */
    public record Found(List<Way> ways, int reached, int looked, List<FellOut> fellOut, Optional<Way> nearest) {
    }

    /** Is told how far the search has come. */
    public interface Progress {

        /** So many of so many combinations have been looked at. */
        void at(int done, int of);
    }

    private record Judged(Recipe recipe, double unbroken, Optional<Term> because) {

        double hours() {
            return recipe.method().hoursToRelease();
        }
    }

    /** Searches; the same question always finds the same ways. */
    public Found find(Wanted wanted, AtHand atHand, Progress progress) {
        List<List<Recipe>> candidates = atHand.species().stream().flatMap(species -> Arrays.stream(MethodKind.values())
                .filter(atHand.methods()::contains).flatMap(kind -> kind.toTry(wanted.piece(), atHand, species).stream())).toList();
        int count = candidates.stream().mapToInt(List::size).sum();
        List<Judged> judged = new ArrayList<>();
        for (int from = 0; from < candidates.size(); from += CHUNK) {
            List<List<Recipe>> chunk = candidates.subList(from, Math.min(candidates.size(), from + CHUNK));
            judged.addAll(chunk.parallelStream().flatMap(alike -> judge(alike, wanted.unbroken())).toList());
            progress.at(judged.size(), count);
        }
        List<Judged> good = judged.stream().filter(each -> each.because().isEmpty()).sorted(order(wanted.order())).toList();
        List<Way> ways = forecast(good, wanted);
        Optional<Way> nearest = ways.isEmpty()
                ? judged.stream().max(Comparator.comparingDouble(Judged::unbroken)).map(this::way)
                : Optional.empty();
        return new Found(ways, good.size(), judged.size(), fellOut(judged), nearest);
    }

    /**
     * The first of those that are good enough at a rough look, forecast in full: what the shop's heat and water may be like
     * and what a meter may be off count now, so that what was chosen for looking good does not flatter itself.
     */
    private List<Way> forecast(List<Judged> good, Wanted wanted) {
        List<Way> ways = new ArrayList<>();
        Map<String, Integer> ofSpecies = new TreeMap<>();
        List<Judged> open = good;
        for (int looked = 0; looked < MOST_FORECAST && ways.size() < SHOWN && !open.isEmpty(); looked += CHUNK) {
            List<Judged> chunk = open.subList(0, Math.min(CHUNK, open.size()));
            for (Way way : chunk.parallelStream().map(this::way).toList()) {
                String species = way.recipe().blank().species().id();
                boolean goodEnough = way.unbroken().probability() >= wanted.unbroken();
                if (goodEnough && ofSpecies.getOrDefault(species, 0) < OF_ONE_SPECIES && ways.size() < SHOWN) {
                    ofSpecies.merge(species, 1, Integer::sum);
                    ways.add(way);
                }
            }
            open = open.subList(chunk.size(), open.size()).stream()
                    .filter(each -> ofSpecies.getOrDefault(each.recipe().blank().species().id(), 0) < OF_ONE_SPECIES).toList();
        }
        if (wanted.order() == Order.SUREST) {
            ways.sort(Comparator.comparingDouble((Way way) -> way.unbroken().low()).reversed());
        }
        return ways;
    }

    private Comparator<Judged> order(Order order) {
        // steaming shorter than any school says may do by computation; it is offered after what benches trust
        Comparator<Judged> quickest = Comparator.comparing((Judged each) -> shorterThanSchools(each.recipe()))
                .thenComparingDouble(Judged::hours);
        Comparator<Judged> surest = Comparator.comparingDouble(Judged::unbroken).reversed();
        return switch (order) {
            case QUICKEST -> quickest.thenComparing(surest);
            case SUREST -> surest.thenComparing(quickest);
            case MOST_TRIED -> mostTried().thenComparing(quickest).thenComparing(surest);
        };
    }

    private Comparator<Judged> mostTried() {
        Map<Recipe, Near> counted = new HashMap<>();
        Function<Judged, Near> near = each -> counted.computeIfAbsent(each.recipe(),
                recipe -> precedents(recipe).near(Possible.roughly(recipe)));
        return Comparator.comparing(near, Comparator.comparingInt(Near::ofThisWood).thenComparingInt(Near::all)).reversed();
    }

    private synchronized Precedents precedents(Recipe recipe) {
        return precedents.computeIfAbsent(recipe.method().family(), family -> new Precedents(risk, family));
    }

    private Way way(Judged judged) {
        Recipe recipe = judged.recipe();
        Possible piece = Possible.roughly(recipe);
        Near near = precedents(recipe).near(piece);
        return new Way(recipe, forecaster.unbroken(recipe), judged.hours(), near.all(), near.ofThisWood(), near.ofOtherShops(),
                precedents(recipe).beyond(risk.limiting(piece), piece), shorterThanSchools(recipe));
    }

    private static boolean shorterThanSchools(Recipe recipe) {
        return recipe.method().quickerThanSchools(recipe.blank());
    }

    /** Judges recipes that stand together; those that may do at their best are followed together. */
    private Stream<Judged> judge(List<Recipe> alike, double wanted) {
        Map<Recipe, Judged> hopeless = new HashMap<>();
        List<Method> followed = new ArrayList<>();
        for (Recipe recipe : alike) {
            Optional<Double> atBest = recipe.method().atBest(recipe.blank(), recipe.bend())
                    .map(ideal -> unbroken(new Possible(1, recipe, ideal, Sensitivity.NONE)));
            if (atBest.isPresent() && atBest.get() < wanted - HOPELESS) {
                hopeless.put(recipe, new Judged(recipe, atBest.get(), Optional.of(Term.CURVE)));
            } else {
                followed.add(recipe.method());
            }
        }
        if (!followed.isEmpty()) {
            followed.get(0).followTogether(alike.get(0).blank(), alike.get(0).shop(), followed);
        }
        return alike.stream().map(recipe -> hopeless.containsKey(recipe) ? hopeless.get(recipe) : judge(recipe, wanted));
    }

    private Judged judge(Recipe recipe, double wanted) {
        Possible piece = Possible.roughly(recipe);
        double unbroken = unbroken(piece);
        return new Judged(recipe, unbroken, unbroken >= wanted ? Optional.empty() : Optional.of(because(piece)));
    }

    private double unbroken(Possible piece) {
        return risk.holds(Severity.FLAW, piece);
    }

    /** The largest reason of the mode that limits it. */
    private Term because(Possible piece) {
        return Reasons.of(risk, risk.limiting(piece), piece).get(0).cause();
    }

    private static List<FellOut> fellOut(Collection<Judged> judged) {
        Map<Term, List<Judged>> byReason = new EnumMap<>(Term.class);
        judged.forEach(each -> each.because()
                .ifPresent(term -> byReason.computeIfAbsent(term, t -> new ArrayList<>()).add(each)));
        return byReason.entrySet().stream().map(entry -> {
            Judged best = entry.getValue().stream().max(Comparator.comparingDouble(Judged::unbroken)).orElseThrow();
            return new FellOut(entry.getKey(), entry.getValue().size(), best.recipe(), best.unbroken());
        }).sorted(Comparator.comparingInt(FellOut::count).reversed()).toList();
    }
}
