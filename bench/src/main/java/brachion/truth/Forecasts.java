package brachion.truth;

import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Odds;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Support;
import brachion.truth.TrueShop.TruePiece;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Said against true, over shops of all kinds: log loss, coverage of the ranges, and what is said at 0.95 and more. */
final class Forecasts {

    static final int[] RECORDS = {0, 10, 40, 160};
    static final double[] HIDDEN = {0, 0.03, 0.08};
    /** No page says a chance more closely; where nothing is hidden, chances of 1 − 10⁻⁷ would count as beyond 1 − 10⁻⁶ otherwise. */
    private static final double SHOWN = 0.001;
    private static final RiskModel TABLES = RiskModel.withoutRecords();

    /**
     * One fresh piece under one number of records.
     *
     * @param records  how many records the shop had
     * @param truth    true chance that it does not break
     * @param held     whether it did not break
     * @param said     what the product said
     * @param byRadii  what published radii alone say
     * @param base     share of the records that held
     * @param byRidge  what a plain regression on the records says
     */
    record Said(Support support, double hidden, int shop, int records, double truth, boolean held, Odds said,
                double byRadii, double base, double byRidge) {

        boolean covered() {
            return said.low() - SHOWN <= truth && truth <= said.high() + SHOWN;
        }

        static double loss(double chance, boolean held) {
            double kept = Math.max(1e-4, Math.min(1 - 1e-4, chance));
            return -Math.log(held ? kept : 1 - kept);
        }

        /** Expected loss of a chance under the truth. */
        double loss(double chance) {
            return truth * loss(chance, true) + (1 - truth) * loss(chance, false);
        }
    }

    private Forecasts() {
    }

    static List<Said> of(Law law, int shopsOfAKind, int freshPieces, long seed) {
        record Kind(Support support, double hidden, int shop) {
        }
        List<Kind> kinds = new ArrayList<>();
        for (Support support : Support.values()) {
            for (double hidden : HIDDEN) {
                for (int shop = 0; shop < shopsOfAKind; shop++) {
                    kinds.add(new Kind(support, hidden, kinds.size()));
                }
            }
        }
        return IntStream.range(0, kinds.size()).parallel().boxed().flatMap(i -> {
            Kind kind = kinds.get(i);
            TrueShop shop = new TrueShop(law, kind.support(), kind.hidden(), seed * 1000 + i);
            List<TruePiece> records = shop.records(RECORDS[RECORDS.length - 1]);
            List<TruePiece> fresh = shop.fresh(freshPieces);
            List<Said> said = new ArrayList<>();
            for (int count : RECORDS) {
                List<Trial> trials = new ArrayList<>();
                for (int j = 0; j < count; j++) {
                    trials.add(records.get(j).recorded(j + 1L));
                }
                Forecaster forecaster = new Forecaster(RiskModel.fit(trials));
                double held = trials.stream().filter(each -> each.outcome().severity() != Severity.BROKEN).count();
                Ridge ridge = Ridge.fit(trials);
                double base = (held + 1) / (count + 2);
                for (TruePiece piece : fresh) {
                    said.add(new Said(kind.support(), kind.hidden(), kind.shop(), count, piece.unbroken(),
                            piece.outcome().severity() != Severity.BROKEN, forecaster.unbroken(piece.asked()),
                            new Forecaster(TABLES).unbroken(piece.asked()).probability(), base, ridge.unbroken(piece.asked())));
                }
            }
            return said.stream();
        }).toList();
    }
}
