package brachion.truth;

import brachion.core.forecast.Rule;
import brachion.core.forecast.RuleEvidence;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Support;
import brachion.truth.TrueShop.TruePiece;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** How often a rule is tipped in shops where every rule is empty, and in the same shops where rings on edge truly bear more. */
final class Rules {

    private static final double HIDDEN = 0.03;

    private final List<Asked> empty;
    private final List<Asked> rings;

    /** A shop that was asked: what the product says of every rule, and how sure somebody is who knows more ({@link KnowingAll}). */
    private record Asked(List<RuleEvidence> said, double knowing) {

        RuleEvidence ofRings() {
            return said.stream().filter(each -> each.rule() == Rule.RINGS).findFirst().orElseThrow();
        }

        double product() {
            return ofRings().tip() - 0.5;
        }
    }

    /**
     * @param rule     the rule
     * @param beyond3  share of shops in which the balance stands beyond 3 to 1, either way
     * @param beyond10 beyond 10 to 1
     * @param rightly10 beyond 10 to 1 for the first answer
     */
    record Row(Rule rule, double beyond3, double beyond10, double rightly10) {
    }

    /**
     * In how many shops the rings are found, if in so many empty ones something is found that is not there.
     *
     * @param product by the product's own order of the shops
     * @param knowing by somebody who knows the true chance of every piece but for its rings
     */
    record Found(double product, double knowing) {
    }

    /**
     * @param shops   how many
     * @param records how many each has
     * @param effect  how much more strain rings on edge bear where they do, as a share
     */
    Rules(int shops, int records, double effect, long seed) {
        List<List<TruePiece>> without = pieces(shops, records, 0, seed);
        this.empty = asked(without, without);
        this.rings = asked(pieces(shops, records, effect, seed), without);
    }

    private static List<List<TruePiece>> pieces(int shops, int records, double effect, long seed) {
        return IntStream.range(0, shops).parallel()
                .mapToObj(i -> new TrueShop(Support.values()[i % 3], HIDDEN, seed * 977 + i).ringsOnEdgeBear(effect).records(records)).toList();
    }

    private static List<Asked> asked(List<List<TruePiece>> shops, List<List<TruePiece>> without) {
        return IntStream.range(0, shops.size()).parallel().mapToObj(i -> {
            List<Trial> trials = new ArrayList<>();
            shops.get(i).forEach(piece -> trials.add(piece.recorded(trials.size() + 1L)));
            return new Asked(RuleEvidence.of(RiskModel.fit(trials)), KnowingAll.ofRings(without.get(i), shops.get(i)));
        }).toList();
    }

    /** Every rule that has a say, in shops where none is true. */
    List<Row> empty() {
        return counted(empty);
    }

    /** What is said of the rings where they truly bear more. */
    Row rings() {
        return counted(rings).stream().filter(row -> row.rule() == Rule.RINGS).findFirst().orElseThrow();
    }

    /** How often they are found when so large a share of the empty shops is told of them, too. */
    Found found(double falsely) {
        return new Found(found(falsely, Asked::product), found(falsely, Asked::knowing));
    }

    private double found(double falsely, ToDoubleFunction<Asked> sure) {
        double[] nothing = empty.stream().mapToDouble(shop -> Math.abs(sure.applyAsDouble(shop))).sorted().toArray();
        double bar = nothing[Math.max(0, (int) Math.ceil((1 - falsely) * nothing.length) - 1)];
        return (double) rings.stream().filter(shop -> sure.applyAsDouble(shop) > bar).count() / rings.size();
    }

    private static List<Row> counted(List<Asked> shops) {
        Map<Rule, double[]> counts = new EnumMap<>(Rule.class);
        shops.forEach(shop -> shop.said().stream().filter(each -> each.trials() > 0).forEach(each -> {
            double[] count = counts.computeIfAbsent(each.rule(), rule -> new double[3]);
            double odds = each.tip() / (1 - each.tip());
            count[0] += odds > 3 || odds < 1.0 / 3 ? 1 : 0;
            count[1] += odds > 10 || odds < 1.0 / 10 ? 1 : 0;
            count[2] += odds > 10 ? 1 : 0;
        }));
        List<Row> rows = new ArrayList<>();
        counts.forEach((rule, count) -> rows.add(new Row(rule, count[0] / shops.size(), count[1] / shops.size(), count[2] / shops.size())));
        return rows;
    }
}
