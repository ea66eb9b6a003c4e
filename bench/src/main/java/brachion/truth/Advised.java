package brachion.truth;

import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Levers;
import brachion.core.forecast.Levers.Combination;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Support;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Bends that are to hold 9 times in 10: what the advice says they will do once it is followed, and what they truly do. */
final class Advised {

    private static final double WANTED = 0.9;
    private static final int TARGETS = 6;
    private static final Marks MARKS = new Marks(5, 0.5);

    private Advised() {
    }

    /**
     * @param records how many records the shops had
     * @param before  mean true chance of the bends as they were
     * @param reached share of bends for which the advice said it gets there
     * @param said    mean chance it said then
     * @param truth   mean true chance then
     */
    record Row(int records, double before, double reached, double said, double truth) {
    }

    static List<Row> of(int shops, long seed) {
        List<Row> rows = new ArrayList<>();
        for (int records : new int[] {0, 10, 40, 160}) {
            List<double[]> followed = IntStream.range(0, shops).parallel().boxed()
                    .flatMap(i -> shop(records, i, seed * 71 + i).stream()).toList();
            double reached = followed.stream().filter(each -> each[1] > 0).count();
            rows.add(new Row(records, followed.stream().mapToDouble(each -> each[0]).average().orElse(Double.NaN),
                    reached / followed.size(),
                    followed.stream().filter(each -> each[1] > 0).mapToDouble(each -> each[2]).average().orElse(Double.NaN),
                    followed.stream().filter(each -> each[1] > 0).mapToDouble(each -> each[3]).average().orElse(Double.NaN)));
        }
        return rows;
    }

    private static List<double[]> shop(int records, int number, long seed) {
        TrueShop shop = new TrueShop(Support.values()[number % 3], Forecasts.HIDDEN[number / 3 % 3], seed);
        List<Trial> trials = new ArrayList<>();
        shop.records(records).forEach(piece -> trials.add(piece.recorded(trials.size() + 1L)));
        Forecaster forecaster = new Forecaster(RiskModel.fit(trials));
        List<double[]> followed = new ArrayList<>();
        for (int target = 0; target < TARGETS; target++) {
            Recipe bend = shop.target();
            Combination advice = Levers.of(forecaster, bend, WANTED, MARKS).cheapest();
            followed.add(new double[] {shop.unbroken(bend), advice.reaches() ? 1 : 0, advice.unbroken().probability(),
                shop.unbroken(advice.recipe())});
        }
        return followed;
    }
}
