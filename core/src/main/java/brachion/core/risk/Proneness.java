package brachion.core.risk;

import brachion.core.method.Knots;
import brachion.core.method.Recipe;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * How many times as often as the shop's usual stock a piece hides a flaw: by what it is ({@link #ofItsKind}), and by what the records say
 * more, one factor for knots or wild grain in the bend, one for each source of boards. Before any record each is 1; so many hidden flaws seen where so many were expected move it like
 * the rate of a Poisson process under a Gamma prior, (a + seen)/(a + expected), whose mean is what the odds need. Which of
 * the breaks were hidden ones is not known either: each counts by the chance that it was (a step of expectation
 * maximisation, Dempster et al., J. R. Statist. Soc. B 39, 1977). A stack of plies averages what single plies hide: most flaws break
 * a ply that is seen and laid aside, or are held by its neighbours.
 *
 * @param suspect further factor of pieces with knots or wild grain in the bend
 * @param source  factor of each source that records name
 */
record Proneness(double suspect, Map<String, Double> source) {

    /** Nothing is known to hide flaws more often than anything else. */
    static final Proneness EVEN = new Proneness(1, Map.of());

    /** How often a glued stack breaks because of something hidden, beside solid stock; chosen by us. */
    private static final double OF_A_STACK = 0.2;
    /**
     * How often a piece with knots or wild grain in the bend does, beside clear stock: a strap takes the stretch away and such pieces still
     * break or split at the knot (common practice); chosen by us.
     */
    private static final double OF_KNOTS = 5;
    /** Grain steeper than one in so many runs out at the face and lifts there, strap or not (common practice), in proportion; chosen by us. */
    private static final double STEEP_RUN = 10;
    private static final double STEEPEST_RUN = 4;
    /** The prior weighs as much as two flaws expected and two seen; chosen by us. */
    private static final double PRIOR_FLAWS = 2;
    /** Knots and source together are never said to be more than this, nor less than its inverse. */
    private static final double MOST = 8;
    /** Each factor is found given the others; they hardly depend on each other. */
    private static final int ROUNDS = 4;
    /** A change of a factor by less than this share is not worth a new fit. */
    private static final double WORTH = 0.1;

    /**
     * A record and what it says of hidden flaws.
     *
     * @param recipe   the piece
     * @param expected hidden flaws expected of it, were it usual stock
     * @param seen     chance that it broke because of one
     */
    record Sign(Recipe recipe, double expected, double seen) {
    }

    /** The factor of a piece. */
    double of(Recipe recipe) {
        double factor = knotted(recipe) ? suspect : 1;
        return ofItsKind(recipe) * Math.max(1 / MOST, Math.min(MOST, factor * source.getOrDefault(recipe.names().source(), 1.0)));
    }

    /** The factor before any record: of solid stock or of a stack, clear or knotted, of straight or of steep grain. */
    static double ofItsKind(Recipe recipe) {
        double solid = recipe.method().gluedWith().isPresent() ? OF_A_STACK : 1;
        return solid * (knotted(recipe) ? OF_KNOTS : 1) * ofItsGrain(recipe.blank().grainRun().orElse(STEEP_RUN));
    }

    private static double ofItsGrain(double run) {
        return Math.max(1, STEEP_RUN / Math.max(STEEPEST_RUN, run));
    }

    /** How many times as often as clear stock of the shop knotted pieces hide a flaw. */
    double ofKnots() {
        return OF_KNOTS * suspect;
    }

    private static boolean knotted(Recipe recipe) {
        return recipe.blank().knots() == Knots.IN_BEND;
    }

    /**
     * All signs of pieces that are alike in what may hide flaws.
     *
     * @param knotted  whether they have knots or wild grain in the bend
     * @param source   where they are from
     * @param expected hidden flaws expected of them, were they usual stock
     * @param seen     hidden flaws seen
     */
    private record Alike(boolean knotted, String source, double expected, double seen) {

        Alike and(Alike other) {
            return new Alike(knotted, source, expected + other.expected, seen + other.seen);
        }
    }

    static Proneness learned(List<Sign> signs) {
        Map<List<Object>, Alike> alike = new HashMap<>();
        for (Sign sign : signs) {
            Alike one = new Alike(knotted(sign.recipe()), sign.recipe().names().source(), sign.expected(), sign.seen());
            alike.merge(List.of(one.knotted(), one.source()), one, Alike::and);
        }
        List<Alike> knotted = alike.values().stream().filter(Alike::knotted).toList();
        Map<String, List<Alike>> bySource = alike.values().stream().filter(each -> !each.source().isEmpty())
                .collect(Collectors.groupingBy(Alike::source, TreeMap::new, Collectors.toList()));
        if (knotted.isEmpty() && bySource.isEmpty()) {
            return EVEN;
        }
        Proneness found = EVEN;
        for (int round = 0; round < ROUNDS; round++) {
            Proneness last = found;
            Map<String, Double> source = new TreeMap<>();
            bySource.forEach((name, its) -> source.put(name, factor(its, each -> each.knotted() ? last.suspect() : 1)));
            found = new Proneness(factor(knotted, each -> source.getOrDefault(each.source(), 1.0)), source);
        }
        return found;
    }

    private static double factor(List<Alike> pieces, ToDoubleFunction<Alike> others) {
        double expected = PRIOR_FLAWS;
        double seen = PRIOR_FLAWS;
        for (Alike each : pieces) {
            expected += each.expected() * others.applyAsDouble(each);
            seen += each.seen();
        }
        return seen / expected;
    }

    /** Whether any piece would be judged so differently that a new fit is worth its while. */
    boolean differsFrom(Proneness other) {
        return apart(suspect, other.suspect) || source.entrySet().stream()
                .anyMatch(each -> apart(each.getValue(), other.source.getOrDefault(each.getKey(), 1.0)));
    }

    private static boolean apart(double factor, double other) {
        return Math.abs(Math.log(factor / other)) > WORTH;
    }
}
