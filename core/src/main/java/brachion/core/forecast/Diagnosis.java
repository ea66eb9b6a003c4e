package brachion.core.forecast;

import brachion.core.forecast.Levers.Lever;
import brachion.core.method.Change;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Term;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What was most likely behind a flaw, from what was seen and from what the forecast says of that very piece: each cause has the
 * weight the flaw gives it by itself ({@link Finding}) times exp of what its part adds to the log odds of damage (at most 3
 * and at least −2 of which are believed); a hidden flaw times how often such pieces hide one where they are clear, over one in fifty.
 *
 * @param now    odds that such a piece does not break, as things are
 * @param likely the causes, the likeliest first
 */
public record Diagnosis(Odds now, List<Likely> likely) {

    private static final double MOST = 3;
    private static final double LEAST = -2;
    /** A share of hidden flaws that neither speaks for nor against one. */
    private static final double USUALLY_HIDDEN = 0.02;
    private static final int SHOWN = 3;
    /** A cause less likely than that is not worth a line. */
    private static final double WORTH = 0.08;

    /**
     * One cause.
     *
     * @param cause what it is
     * @param share how likely it is, beside the others
     * @param next  the change that helps most against it, where it can be told by how much
     */
    public record Likely(Cause cause, double share, Optional<Lever> next) {
    }

    /**
     * Of a piece that showed a flaw.
     *
     * @param recipe  as it was bent
     * @param planned as it was to be bent
     * @param seen    what was seen
     * @param marks   the marks changes are to lie on
     */
    public static Diagnosis of(RiskModel risk, Recipe recipe, Recipe planned, Flaw seen, Marks marks) {
        Forecaster forecaster = new Forecaster(risk);
        Possible piece = Possible.typical(recipe);
        Map<Term, Double> sizes = new EnumMap<>(Term.class);
        seen.mode(recipe).ifPresent(mode ->
                Reasons.of(risk, mode, piece).forEach(reason -> sizes.merge(reason.cause(), reason.size(), Double::sum)));
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        for (Finding finding : Finding.of(seen, recipe.method().family())) {
            weights.put(finding.cause(), finding.weight() * told(risk, recipe, finding.cause(), sizes));
        }
        double all = weights.values().stream().mapToDouble(weight -> weight).sum();
        Odds now = forecaster.unbroken(recipe);
        Map<Change.Kind, List<Change>> changes = Change.of(recipe, marks).stream().collect(Collectors.groupingBy(Change::kind));
        return new Diagnosis(now, weights.entrySet().stream().map(each -> Map.entry(each.getKey(), each.getValue() / all))
                .sorted(Map.Entry.<Cause, Double>comparingByValue().reversed()).filter(each -> each.getValue() >= WORTH).limit(SHOWN)
                .map(each -> new Likely(each.getKey(), each.getValue(), best(forecaster, recipe, planned, each.getKey(), changes, now))).toList());
    }

    /** How much more or less than by itself the piece speaks for a cause. */
    private static double told(RiskModel risk, Recipe recipe, Cause cause, Map<Term, Double> sizes) {
        if (cause == Cause.BRASH) {
            return risk.hidden(recipe.withBlank(recipe.blank().withKnots(Knots.CLEAR))) / USUALLY_HIDDEN;
        }
        return cause.term().map(term -> Math.exp(Math.max(LEAST, Math.min(MOST, sizes.getOrDefault(term, sizes.isEmpty() ? 0 : LEAST))))).orElse(1.0);
    }

    private static Optional<Lever> best(Forecaster forecaster, Recipe recipe, Recipe planned, Cause cause, Map<Change.Kind, List<Change>> changes, Odds now) {
        return Stream.concat(cause.changes().stream().flatMap(kind -> changes.getOrDefault(kind, List.of()).stream()), Change.asPlanned(recipe, planned, cause::liesIn).stream())
                .map(change -> Levers.lever(forecaster, recipe, change))
                .filter(lever -> lever.unbroken().probability() > now.probability())
                .max(Comparator.comparingDouble(lever -> lever.unbroken().cautious()));
    }
}
