package brachion.core.forecast;

import brachion.core.method.Blemish;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Queue;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How likely a piece is spoilt although it holds. Before any record that is what its way of bending computes, p; the shop's records of that way
 * scale it by (1 + seen)/(1 + expected), with expected the sum of what was computed of each: a Poisson count whose rate has a Gamma prior of
 * shape and rate 1, chosen by us. The odds are scaled, so that a chance stays one.
 *
 * @param blemish what spoils it
 * @param chance  how likely
 * @param seen    records of this way of bending that show it
 * @param of      records it was looked for in, the latest of them
 */
public record BlemishForecast(Blemish blemish, double chance, int seen, int of) {

    private static final double PRIOR = 1;
    /** So many records say enough of a rate, and more would have to be followed for it. */
    private static final int LATEST = 60;

    /** All that may spoil a piece bent so, the likeliest first. */
    static List<BlemishForecast> of(RiskModel risk, Recipe recipe) {
        MethodKind kind = recipe.method().kind();
        Map<Blemish, Double> computed = recipe.method().blemishes(recipe);
        if (computed.isEmpty()) {
            return List.of();
        }
        List<Known> known = latest(risk.records(kind.family()), kind).stream().map(Known::of).toList();
        return computed.entrySet().stream().map(each -> of(each.getKey(), each.getValue(), known))
                .sorted(Comparator.comparingDouble(BlemishForecast::chance).reversed()).toList();
    }

    /** The latest records of a way, without putting all there are into order. */
    private static Collection<RiskModel.Held> latest(List<RiskModel.Held> records, MethodKind kind) {
        Queue<RiskModel.Held> latest = new PriorityQueue<>(Comparator.comparingLong((RiskModel.Held held) -> held.trial().id()));
        for (RiskModel.Held held : records) {
            if (held.piece().method().kind() == kind) {
                latest.add(held);
                if (latest.size() > LATEST) {
                    latest.remove();
                }
            }
        }
        return latest;
    }

    /**
     * A record.
     *
     * @param computed how likely each blemish was
     * @param shown    what it shows of them
     */
    private record Known(Map<Blemish, Double> computed, Set<Blemish> shown) {

        static Known of(RiskModel.Held held) {
            return new Known(held.piece().method().blemishes(held.piece()),
                    held.trial().outcome().seen().flatMap(seen -> seen.flaw().blemish().stream()).collect(Collectors.toSet()));
        }
    }

    private static BlemishForecast of(Blemish blemish, double computed, List<Known> records) {
        int seen = (int) records.stream().filter(record -> record.shown().contains(blemish)).count();
        double expected = records.stream().mapToDouble(record -> record.computed().getOrDefault(blemish, 0.0)).sum();
        double scaled = computed * (PRIOR + seen) / (PRIOR + expected);
        return new BlemishForecast(blemish, scaled / (scaled + 1 - computed), seen, records.size());
    }
}
