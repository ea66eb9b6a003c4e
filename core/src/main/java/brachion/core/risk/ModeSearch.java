package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Where the search for the posterior of one mode has ended: how much groups differ, how large a share of hidden flaws is and what is
 * prone to them. Among many records it goes over a part of the boards first, where a step costs so much less, and starts on all of
 * them from where it ended there.
 *
 * @param records   the records
 * @param scales    the scales of groups, for the records as prone to hidden flaws as they were found to be
 * @param sds       how much the members of each group differ
 * @param worlds    the shares of hidden flaws that are likely enough, roughly; none of a mode that they do not look like
 * @param proneness what is prone to hidden flaws
 */
record ModeSearch(ModeRecords records, GroupScales scales, Map<Group, Double> sds, Worlds worlds, Proneness proneness) {

    /** Fewer records than this are not thinned out any further. */
    private static final int MANY = 2000;
    /** One board in so many, or one piece of no board, is looked at first. */
    private static final int THINNED = 8;
    /** How often what is prone to hidden flaws is looked at anew; it hardly moves after the first time. */
    private static final int PRONENESS_ROUNDS = 2;

    /** @param splits the pieces that split along the grain, which hidden flaws alone explain */
    static ModeSearch of(ModeRecords records, List<Recipe> splits) {
        return of(records, splits, MANY);
    }

    /** @param many so many records are thinned out first */
    static ModeSearch of(ModeRecords records, List<Recipe> splits, int many) {
        Optional<ModeSearch> before = records.rows().size() < many ? Optional.empty()
                : Optional.of(of(records.thinned(THINNED), thinned(splits), many));
        GroupScales even = even(records);
        before.ifPresent(fewer -> even.startFrom(fewer.sds(), fewer.scales().latestMode(), fewer.records().layout().parametersTo(records.layout())));
        Map<Group, Double> sds = even.best();
        if (!hides(records.risk())) {
            return new ModeSearch(records, even, sds, Worlds.NONE, Proneness.EVEN);
        }
        List<Recipe> recipes = records.recipes();
        WorldSearch search = new WorldSearch(sds);
        Proneness proneness = before.map(ModeSearch::proneness).orElse(Proneness.EVEN);
        GroupScales scales = even.with(each(recipes, proneness));
        Worlds worlds = search.of(scales, each(splits, proneness));
        for (int round = 0; round < PRONENESS_ROUNDS; round++) {
            Proneness learned = Proneness.learned(worlds.signs(scales, sds, recipes, splits, proneness));
            if (!learned.differsFrom(proneness)) {
                break;
            }
            proneness = learned;
            scales = even.with(each(recipes, learned));
            worlds = search.of(scales, each(splits, learned));
        }
        return new ModeSearch(records, scales, sds, worlds, proneness);
    }

    /** The scales of records of which each is so prone to hidden flaws. */
    static GroupScales scales(ModeRecords records, Proneness proneness) {
        return hides(records.risk()) ? even(records).with(each(records.recipes(), proneness)) : even(records);
    }

    private static GroupScales even(ModeRecords records) {
        return new GroupScales(records.risk(), records.layout(), records.observations(), records.speciesSds(),
                hides(records.risk()) ? HiddenShare.ordinary() : 0);
    }

    private static List<Recipe> thinned(List<Recipe> splits) {
        return IntStream.range(0, splits.size() / THINNED).mapToObj(i -> splits.get(i * THINNED)).toList();
    }

    private static double[] each(List<Recipe> recipes, Proneness proneness) {
        return recipes.stream().mapToDouble(proneness::of).toArray();
    }

    /** Breaks that nobody could see coming look like breaks of the outer face. */
    static boolean hides(ModeRisk risk) {
        return risk.mode() == FailureMode.TENSION;
    }

    /** The worlds, each as exactly as it can be had. */
    Worlds settled() {
        return hides(records.risk()) ? worlds.settled(scales, sds) : Worlds.withoutHidden(scales, sds);
    }
}
