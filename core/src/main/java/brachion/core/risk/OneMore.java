package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.risk.ModeRecords.Row;
import brachion.core.risk.Worlds.World;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * A fit of one mode with one more record: each world's normal distribution times the record's likelihood, and the worlds
 * weighed by how probable they made it. How much groups differ and what is prone to hidden flaws is left as it is. Nearly
 * what a new fit would be, at a small part of its cost.
 *
 * @param before    the records before
 * @param groupSds  how much the members of each group differ
 * @param proneness what is prone to hidden flaws
 */
record OneMore(ModeRecords before, Map<Group, Double> groupSds, Proneness proneness) {

    /** The worlds after a record that informs the mode, the last of these. */
    Worlds after(Worlds worlds, ModeRecords records) {
        Row added = records.last();
        Features features = records.features(added.trial());
        Layout larger = records.layout();
        double prone = proneness.of(added.recipe());
        Observations one = new Observations(records.observations(List.of(added)), new double[] {prone});
        UnaryOperator<LaplaceFit> withRoom = roomFor(added.recipe(), larger);
        return worlds.after(world -> {
            LaplaceFit fit = withRoom.apply(world.fit());
            double seen = Math.max(HiddenShare.SLIP, Cavity.probability(added.severity(), fit.margin(0, features), fit.margin(1, features),
                    RecordLikelihood.hidden(world.hidden(), prone)));
            OrdinalModel record = new OrdinalModel(one, NormalPrior.flat(fit.mode()), world.hidden(), HiddenShare.SLIP);
            return new World(world.weight() * seen, world.hidden(), fit.with(record, Math.log(seen)));
        });
    }

    /** What makes room in a fit for the groups of one more piece. */
    private UnaryOperator<LaplaceFit> roomFor(Recipe recipe, Layout larger) {
        if (larger == before.layout()) {
            return UnaryOperator.identity();
        }
        int[] places = before.layout().parametersTo(larger);
        NormalPrior prior = prior(larger, recipe);
        return fit -> fit.spread(places, prior, larger.boards());
    }

    /** The worlds after a piece that split along the grain, which is one more hidden flaw. */
    Worlds afterSplit(Worlds worlds, Recipe recipe) {
        double[] prone = {proneness.of(recipe)};
        return worlds.after(world -> world.weighing(Math.exp(HiddenShare.logSplits(world.hidden(), prone))));
    }

    /** Priors of the members that a larger layout has more; only those count. */
    private NormalPrior prior(Layout larger, Recipe recipe) {
        double[] sd = new double[OrdinalModel.CUTS + larger.size()];
        Arrays.fill(sd, 1);
        for (Group group : Group.values()) {
            double its = group == Group.SPECIES ? Group.speciesSd(recipe) : groupSds.getOrDefault(group, group.priorScale());
            larger.members(group).values().forEach(place -> sd[OrdinalModel.CUTS + place] = its);
        }
        return new NormalPrior(new double[sd.length], sd);
    }
}
