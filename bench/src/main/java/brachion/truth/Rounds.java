package brachion.truth;

import brachion.core.forecast.Forecaster;
import brachion.core.forecast.NextTrials;
import brachion.core.forecast.NextTrials.TellingTrial;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import brachion.truth.TrueShop.Support;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Ten rounds of the trial that would tell most, beside ten of the bend itself: does the promised narrowing come true? */
final class Rounds {

    private static final int ROUNDS = 10;
    private static final int RECORDS = 20;
    private static final Marks MARKS = new Marks(5, 0.5);

    private Rounds() {
    }

    /**
     * @param way      what was tried
     * @param said     spread the product gave the odds before, and after the last round, over the shops
     * @param promised spread promised for after each trial over what was said before it, on average
     * @param kept     spread said after each trial over what was said before it, on average
     * @param fall     by how much the spread was promised to fall in all rounds together, over the shops; it fell by the difference of said
     * @param error    true error of the odds before and after, root mean square
     */
    record Row(String way, double[] said, double promised, double kept, double fall, double[] error) {
    }

    static List<Row> of(int shops, long seed) {
        List<Row> rows = new ArrayList<>();
        for (boolean telling : new boolean[] {true, false}) {
            double[][] each = IntStream.range(0, shops).parallel().mapToObj(i -> shop(telling, i, seed * 53 + i))
                    .toArray(double[][]::new);
            double[] mean = new double[7];
            for (double[] one : each) {
                for (int k = 0; k < mean.length; k++) {
                    mean[k] += one[k] / shops;
                }
            }
            rows.add(new Row(telling ? "the trial that would tell most" : "the bend itself", new double[] {mean[0], mean[1]},
                    mean[2], mean[3], mean[6], new double[] {Math.sqrt(mean[4]), Math.sqrt(mean[5])}));
        }
        return rows;
    }

    private static double[] shop(boolean telling, int number, long seed) {
        TrueShop shop = new TrueShop(Support.values()[number % 3], 0.03, seed);
        List<Trial> trials = new ArrayList<>();
        shop.records(RECORDS).forEach(piece -> trials.add(piece.recorded(trials.size() + 1L)));
        Recipe target = shop.target();
        double truth = shop.unbroken(target);
        double[] result = new double[7];
        for (int round = 0; round <= ROUNDS; round++) {
            RiskModel risk = RiskModel.fit(trials);
            TellingTrial next = NextTrials.of(risk, target, List.of(), MARKS).trials().get(0);
            double off = new Forecaster(risk).unbroken(target).probability() - truth;
            if (round == 0) {
                result[0] = next.spreadNow();
                result[4] = off * off;
            } else {
                result[3] += next.spreadNow() / result[1] / ROUNDS;
            }
            result[1] = next.spreadNow();
            result[5] = off * off;
            if (round < ROUNDS) {
                result[2] += next.spreadThen() / next.spreadNow() / ROUNDS;
                result[6] += next.spreadNow() - next.spreadThen();
                trials.add(shop.done(telling ? next.recipe() : target).recorded(trials.size() + 1L));
            }
        }
        return result;
    }
}
