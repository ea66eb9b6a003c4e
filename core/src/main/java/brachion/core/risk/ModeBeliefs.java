package brachion.core.risk;

import brachion.core.method.Covariate;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.method.Term;
import brachion.core.physics.Unsure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the fit of one mode believes of everything that may move its risk.
 *
 * @param records the records that inform the mode
 */
record ModeBeliefs(ModeRecords records, Worlds worlds) {

    private ModeRisk risk() {
        return records.risk();
    }

    private Layout layout() {
        return records.layout();
    }

    /** How many records are of such pieces. */
    private int with(Predicate<Recipe> such) {
        return (int) recipes().filter(such).count();
    }

    /** What covariates, unsure constants and groups add to the log odds of damage of a piece. */
    List<Effect> effects(Features features, Recipe recipe) {
        List<Effect> effects = new ArrayList<>();
        double[] values = new double[layout().size()];
        for (int i = 0; i < features.index().length; i++) {
            values[features.index()[i]] = features.value()[i];
        }
        for (int i = 0; i < risk().covariates().size(); i++) {
            int place = layout().firstCovariate() + i;
            if (values[place] != 0) {
                effects.add(new Effect(risk().covariates().get(i).term(), values[place] * worlds.mean(OrdinalModel.CUTS + place)));
            }
        }
        double ofTheShop = 0;
        for (int i = 0; i < risk().unsure().size(); i++) {
            int place = layout().firstUnsure() + i;
            ofTheShop += values[place] * worlds.mean(OrdinalModel.CUTS + place);
        }
        if (ofTheShop != 0) {
            effects.add(new Effect(Term.SHOP_PHYSICS, ofTheShop));
        }
        for (Group group : Group.values()) {
            Integer place = layout().members(group).get(group.of(recipe));
            if (place != null) {
                effects.add(new Effect(group.term(), worlds.mean(OrdinalModel.CUTS + place)));
            }
        }
        return effects;
    }

    /** How many steps worse each unsure constant is believed to be, with the spread of that. */
    Map<Unsure, Margin> unsure() {
        Map<Unsure, Margin> steps = new EnumMap<>(Unsure.class);
        for (int i = 0; i < risk().unsure().size(); i++) {
            int place = OrdinalModel.CUTS + layout().firstUnsure() + i;
            steps.put(risk().unsure().get(i), worlds.blended(world -> new Margin(world.fit().mean()[place] / risk().slopeMean(),
                    Math.sqrt(world.fit().variance(place)) / risk().slopeMean())));
        }
        return steps;
    }

    /**
     * How much two unsure constants stand in for each other after the records, as the correlation of what is believed of them: −1 where the
     * records tell of both together alone, 0 where they tell them apart.
     */
    double correlation(Unsure one, Unsure other) {
        int first = OrdinalModel.CUTS + layout().firstUnsure() + risk().unsure().indexOf(one);
        int second = OrdinalModel.CUTS + layout().firstUnsure() + risk().unsure().indexOf(other);
        LaplaceFit fit = worlds.likeliest().fit();
        return fit.covariance().at(first, second) / Math.sqrt(fit.variance(first) * fit.variance(second));
    }

    /** What is believed of everything that may move this risk, but for the constants of the shop. */
    List<Belief> all() {
        int[] with = new int[layout().size()];
        records.rows().forEach(row -> Arrays.stream(records.features(row.trial()).index()).forEach(place -> with[place]++));
        List<Belief> beliefs = new ArrayList<>();
        for (int i = 0; i < risk().covariates().size(); i++) {
            int place = layout().firstCovariate() + i;
            beliefs.add(belief(risk().covariates().get(i).term(), "", place, with[place]));
        }
        for (Group group : Group.values()) {
            layout().members(group).forEach((name, place) -> beliefs.add(belief(group.term(), name, place, with[place])));
        }
        return beliefs;
    }

    private Belief belief(Term term, String name, int place, int with) {
        int at = OrdinalModel.CUTS + place;
        Margin size = worlds.blended(world -> new Margin(world.fit().mean()[at], Math.sqrt(world.fit().variance(at))));
        return new Belief(risk().mode(), term, name, size.mean(), size.sd(), with, records.rows().size());
    }

    /** How having one thing compares with having another, both believed in equally before any record, and how many records have either. */
    Contrast contrast(Term smaller, Term larger) {
        int first = OrdinalModel.CUTS + place(smaller);
        int second = OrdinalModel.CUTS + place(larger);
        Margin before = new Margin(covariate(larger).priorMean() - covariate(smaller).priorMean(),
                Math.hypot(covariate(smaller).priorSd(), covariate(larger).priorSd()));
        List<Recipe> either = recipes().filter(recipe -> has(smaller, recipe) || has(larger, recipe)).toList();
        return contrast(before, fit -> new Margin(fit.mean()[second] - fit.mean()[first],
                        Math.sqrt(Math.max(0, fit.variance(first) + fit.variance(second) - 2 * fit.covariance().at(first, second)))),
                boardsThatTell(either, covariate(smaller).value()), either.size());
    }

    /** How having something compares with not having it. */
    Contrast helps(Term term) {
        int at = OrdinalModel.CUTS + place(term);
        return contrast(new Margin(-covariate(term).priorMean(), covariate(term).priorSd()),
                fit -> new Margin(-fit.mean()[at], Math.sqrt(fit.variance(at))),
                boardsThatTell(recipes().toList(), covariate(term).value()), with(recipe -> has(term, recipe)));
    }

    private Contrast contrast(Margin before, Function<LaplaceFit, Margin> after, int boards, int trials) {
        Margin difference = worlds.blended(world -> after.apply(world.fit()));
        Told told = worlds.likely().stream().map(world -> Told.between(before, after.apply(world.fit())).times(world.weight()))
                .reduce(Told.NOTHING, Told::plus);
        return new Contrast(difference.mean(), difference.sd(), before.sd(), told, boards, trials);
    }

    /** How many boards have pieces with more of something than is usual, or with less: whichever are fewer. A piece of no board stands alone. */
    private int boardsThatTell(List<Recipe> recipes, ToDoubleFunction<Recipe> of) {
        double usual = recipes.stream().mapToDouble(of).average().orElse(0);
        Map<Boolean, List<Recipe>> sides = recipes.stream().collect(Collectors.partitioningBy(recipe -> of.applyAsDouble(recipe) > usual));
        return Math.min(boards(sides.get(false)), boards(sides.get(true)));
    }

    private int boards(List<Recipe> recipes) {
        int[] known = recipes.stream().mapToInt(layout()::board).filter(board -> board >= 0).toArray();
        return recipes.size() - known.length + (int) Arrays.stream(known).distinct().count();
    }

    private Stream<Recipe> recipes() {
        return records.rows().stream().map(ModeRecords.Row::recipe);
    }

    private boolean has(Term term, Recipe recipe) {
        return covariate(term).value().applyAsDouble(recipe) != 0;
    }

    private int place(Term term) {
        return layout().firstCovariate() + risk().covariates().indexOf(covariate(term));
    }

    private Covariate covariate(Term term) {
        return risk().covariates().stream().filter(each -> each.term() == term).findFirst()
                .orElseThrow(() -> new IllegalArgumentException(risk().mode() + " knows no " + term));
    }
}
