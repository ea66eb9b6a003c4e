package brachion.truth;

import brachion.core.forecast.Rule;
import brachion.core.forecast.RuleEvidence;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Support;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** How often a rule is tipped in shops where it is empty, and in shops where rings on edge truly bear more. */
final class Rules {

    private Rules() {
    }

    /**
     * @param rule     the rule
     * @param records  how many records each shop had
     * @param effect   how much more strain rings on edge bear, as a share
     * @param beyond3  share of shops in which the balance stands beyond 3 to 1, either way
     * @param beyond10 beyond 10 to 1
     * @param rightly10 beyond 10 to 1 for the first answer
     */
    record Row(Rule rule, int records, double effect, double beyond3, double beyond10, double rightly10) {
    }

    static List<Row> of(int shops, double effect, long seed) {
        List<Row> rows = new ArrayList<>();
        for (int records : new int[] {40, 160}) {
            List<List<RuleEvidence>> said = IntStream.range(0, shops).parallel().mapToObj(i -> {
                TrueShop shop = new TrueShop(Support.values()[i % 3], 0.03, seed * 977 + i).ringsOnEdgeBear(effect);
                List<Trial> trials = new ArrayList<>();
                shop.records(records).forEach(piece -> trials.add(piece.recorded(trials.size() + 1L)));
                return RuleEvidence.of(RiskModel.fit(trials));
            }).toList();
            Map<Rule, double[]> counts = new EnumMap<>(Rule.class);
            said.forEach(rules -> rules.stream().filter(each -> each.trials() > 0).forEach(each -> {
                double[] count = counts.computeIfAbsent(each.rule(), rule -> new double[3]);
                double odds = each.firstHolds() / (1 - each.firstHolds());
                count[0] += odds > 3 || odds < 1.0 / 3 ? 1 : 0;
                count[1] += odds > 10 || odds < 1.0 / 10 ? 1 : 0;
                count[2] += odds > 10 ? 1 : 0;
            }));
            counts.forEach((rule, count) -> rows.add(new Row(rule, records, effect, count[0] / shops, count[1] / shops,
                    count[2] / shops)));
        }
        return rows;
    }
}
