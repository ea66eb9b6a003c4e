package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.risk.Proneness.Sign;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

/**
 * The posterior of one mode as a mixture over how large the share of hidden flaws is ({@link HiddenShare}).
 *
 * @param likely the shares that are likely enough, rising
 */
record Worlds(List<World> likely) {

    /** Of a mode that hidden flaws do not look like, before it is fitted. */
    static final Worlds NONE = new Worlds(List.of());

    /**
     * One share of hidden flaws that is likely enough, with the fit if it is so large.
     *
     * @param weight its posterior probability
     * @param hidden the share
     * @param fit    all else, given it
     */
    record World(double weight, double hidden, LaplaceFit fit) {

        /** The same so many times as likely. */
        World weighing(double times) {
            return new World(weight * times, hidden, fit);
        }
    }

    /** Of a mode that hidden flaws do not look like. */
    static Worlds withoutHidden(GroupScales scales, Map<Group, Double> sds) {
        return new Worlds(List.of(new World(1, 0, scales.fit(sds, 0, scales.latestMode()))));
    }

    /**
     * What each record says of hidden flaws.
     *
     * @param scales    for the records as prone as they are taken to be
     * @param recipes   the pieces that inform the mode, in the order of the records
     * @param splits    the pieces that split along the grain
     * @param proneness how prone they are taken to be
     */
    List<Sign> signs(GroupScales scales, Map<Group, Double> sds, List<Recipe> recipes, List<Recipe> splits, Proneness proneness) {
        double[] seen = new double[recipes.size()];
        for (World world : likely) {
            double[] were = scales.wereHidden(world.fit(), sds, world.hidden());
            for (int row = 0; row < seen.length; row++) {
                seen[row] += world.weight() * were[row];
            }
        }
        double share = hidden();
        List<Sign> signs = new ArrayList<>();
        for (int row = 0; row < seen.length; row++) {
            signs.add(new Sign(recipes.get(row), share * Proneness.ofItsKind(recipes.get(row)), seen[row]));
        }
        splits.forEach(split -> signs.add(new Sign(split, share * Proneness.ofItsKind(split),
                average(world -> HiddenShare.splitWasHidden(world.hidden(), proneness.of(split))))));
        return signs;
    }

    /** The worlds as they look after something more has been seen in each of them; their weights need not sum to one yet. */
    Worlds after(UnaryOperator<World> seen) {
        return ofAnyWeight(likely.parallelStream().map(seen).toList());
    }

    /** Worlds whose weights need not sum to one yet. */
    static Worlds ofAnyWeight(List<World> worlds) {
        double all = worlds.stream().mapToDouble(World::weight).sum();
        return new Worlds(worlds.stream().map(each -> each.weighing(1 / all)).toList());
    }

    /** The same, each fitted with care and weighed again by that. */
    Worlds settled(GroupScales scales, Map<Group, Double> sds) {
        return after(world -> {
            LaplaceFit fit = scales.fit(sds, world.hidden(), world.fit().mode());
            return new World(world.weight() * Math.exp(fit.logEvidence() - world.fit().logEvidence()), world.hidden(), fit);
        });
    }

    /** One normal distribution in place of the mixture. */
    Margin blended(Function<World, Margin> of) {
        List<Margin> each = likely.stream().map(of).toList();
        double mean = 0;
        double square = 0;
        for (int i = 0; i < each.size(); i++) {
            Margin margin = each.get(i);
            mean += likely.get(i).weight() * margin.mean();
            square += likely.get(i).weight() * (margin.mean() * margin.mean() + margin.sd() * margin.sd());
        }
        return new Margin(mean, Math.sqrt(Math.max(0, square - mean * mean)));
    }

    double average(ToDoubleFunction<World> value) {
        return likely.stream().mapToDouble(world -> world.weight() * value.applyAsDouble(world)).sum();
    }

    /** Mean of a parameter. */
    double mean(int place) {
        return average(world -> world.fit().mean()[place]);
    }

    /** The share itself, as expected. */
    double hidden() {
        return average(World::hidden);
    }

    World likeliest() {
        return likely.stream().max(Comparator.comparingDouble(World::weight)).orElseThrow();
    }
}
