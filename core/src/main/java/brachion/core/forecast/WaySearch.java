package brachion.core.forecast;

import brachion.core.forecast.Precedents.Near;
import brachion.core.method.Bend;
import brachion.core.method.Demand;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.Sensitivity;
import brachion.core.method.SteamBox;
import brachion.core.process.SteamingSchool;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Severity;
import brachion.core.risk.Term;
import brachion.core.wood.Species;
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

    private static final double HOLD_H = SteamBox.USUAL_HOLD_H;
    /** Hours in the clamps of a lamination: overnight (common practice). */
    private static final double CLAMPED_H = 16;
    /** A bend that lacks so much at its best is not looked at further. */
    private static final double HOPELESS = 0.1;
    private static final int CHUNK = 6;
    private static final int SHOWN = 12;
    private static final int MOST_FORECAST = 120;
    private static final int OF_ONE_SPECIES = 2;

    private final RiskModel risk;
    private final Forecaster forecaster;
    private final Map<MethodKind, Precedents> precedents = new EnumMap<>(MethodKind.class);

    /** A search that answers from this fit. */
    public WaySearch(RiskModel risk) {
        this.risk = risk;
        this.forecaster = new Forecaster(risk);
    }

    /** What holds the outer face. */
    public enum Support {
        /** Nothing. */
        NONE,
        /** Webbing. */
        WEBBING,
        /** A steel strap with stops that sit hard. */
        STEEL
    }

    /**
     * The bend that is wanted.
     *
     * @param bend        the curve
     * @param thicknessMm thickness of the finished piece [mm]
     * @param widthMm     its width [mm]
     * @param unbroken    probability wanted that a piece does not break
     * @param order       which of the ways come first
     */
    public record Wanted(Bend bend, double thicknessMm, double widthMm, double unbroken, Order order) {
    }

    /**
     * What there is to do it with.
     *
     * @param species       woods
     * @param seasonings    how they were dried
     * @param thicknessesMm thicknesses solid stock may have [mm]; empty for that of the finished piece
     * @param supports      supports
     * @param soak          whether there is a trough to soak in
     * @param methods       ways to bend
     * @param pliesMm       thicknesses plies may have [mm]
     */
    public record AtHand(List<Species> species, List<Seasoning> seasonings, List<Double> thicknessesMm,
                         List<Support> supports, boolean soak, List<MethodKind> methods, List<Double> pliesMm) {
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
     * @param beyondRecords whether it asks more than any record did ({@link Evidence#beyondRecords()})
     * @param shorterThanSchools whether it is steamed for less time than every school says
     */
    public record Way(Recipe recipe, Odds unbroken, double hours, int trialsNear, int ofThisWood, boolean beyondRecords,
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
            return recipe.method() instanceof SteamBox steam
                    ? steam.soakHours() + steam.steamMinutes() / 60 + HOLD_H : CLAMPED_H;
        }
    }

    /** Searches; the same question always finds the same ways. */
    public Found find(Wanted wanted, AtHand atHand, Progress progress) {
        List<List<Recipe>> candidates = Combinations.of(wanted, atHand);
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
        return precedents.computeIfAbsent(recipe.method().kind(), kind -> new Precedents(risk, kind));
    }

    private Way way(Judged judged) {
        Recipe recipe = judged.recipe();
        Possible piece = Possible.roughly(recipe);
        Near near = precedents(recipe).near(piece);
        return new Way(recipe, forecaster.unbroken(recipe), judged.hours(), near.all(), near.ofThisWood(),
                precedents(recipe).beyond(risk.limiting(piece), piece), shorterThanSchools(recipe));
    }

    private static boolean shorterThanSchools(Recipe recipe) {
        return recipe.method() instanceof SteamBox steam && Arrays.stream(SteamingSchool.values())
                .allMatch(school -> steam.steamMinutes() < school.minutes(recipe.blank().thicknessMm()));
    }

    /** Judges recipes of one blank and one soak; those that steam may help are followed through it together. */
    private Stream<Judged> judge(List<Recipe> alike, double wanted) {
        Map<Recipe, Judged> hopeless = new HashMap<>();
        List<SteamBox> followed = new ArrayList<>();
        for (Recipe recipe : alike) {
            if (recipe.method() instanceof SteamBox steam) {
                Demand softened = Demand.softened(recipe.blank(), recipe.bend(), steam.strap());
                Possible ideal = new Possible(1, recipe, softened, Sensitivity.NONE);
                double atBest = unbroken(ideal);
                if (atBest < wanted - HOPELESS) {
                    hopeless.put(recipe, new Judged(recipe, atBest, Optional.of(Term.CURVE)));
                } else {
                    followed.add(steam);
                }
            }
        }
        if (!followed.isEmpty()) {
            SteamBox.followTogether(alike.get(0).blank(), followed);
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
