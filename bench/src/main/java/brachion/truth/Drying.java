package brachion.truth;

import brachion.core.physics.Physics;
import brachion.core.process.DryingFit;
import brachion.core.process.DryingForecast.Passing;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.process.WeighIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/** Pieces on a rack whose pace, start and air are not what was written down: does the range hold the day? */
final class Drying {

    private static final double DAY_S = 86_400;
    private static final double DRY_PERCENT = 10;

    private Drying() {
    }

    /**
     * @param weighings how often each was weighed
     * @param held      share of pieces whose day of passing 10 % lay in the range
     * @param days      mean width of the range [days]
     */
    record Row(int weighings, double held, double days) {
    }

    static List<Row> of(int pieces, long seed) {
        List<Row> rows = new ArrayList<>();
        for (int weighings : new int[] {0, 1, 3, 5}) {
            double[][] each = IntStream.range(0, pieces).parallel()
                    .mapToObj(i -> piece(new Random(seed * 31 + i * 7_919L), weighings)).toArray(double[][]::new);
            rows.add(new Row(weighings, IntStream.range(0, pieces).mapToDouble(i -> each[i][0]).average().orElseThrow(),
                    IntStream.range(0, pieces).mapToDouble(i -> each[i][1]).average().orElseThrow()));
        }
        return rows;
    }

    private static double[] piece(Random random, int weighings) {
        double thickness = 5 + 15 * random.nextDouble();
        double start = 20 + 6 * random.nextDouble();
        double humidity = 0.35 + 0.1 * random.nextDouble();
        double pace = Math.exp(0.4 * random.nextGaussian());
        double trueStart = start + 2 * random.nextGaussian();
        double trueHumidity = Math.max(0.2, humidity + 0.05 * random.nextGaussian());
        Piece truth = new Piece(0.55, thickness, 30, trueStart, 18);
        double whenDry = Double.POSITIVE_INFINITY;
        ProcessSimulation simulation = new ProcessSimulation(truth, Physics.USUAL.withWaterUptake(pace));
        double step = 0.5;
        double[] moisture = new double[360];
        for (int i = 0; i < moisture.length; i++) {
            moisture[i] = simulation.run(new Stage(StageKind.RACK, step * DAY_S, 18, 18, trueHumidity)).meanMoisturePercent();
            if (Double.isInfinite(whenDry) && moisture[i] < DRY_PERCENT) {
                whenDry = (i + 1) * step;
            }
        }
        List<WeighIn> readings = new ArrayList<>();
        for (int visit = 1; visit <= weighings; visit++) {
            double seen = (100 + moisture[4 * visit - 1]) * (100 + start) / (100 + trueStart) - 100;
            readings.add(WeighIn.byScale(2.0 * visit, seen + 0.15 * random.nextGaussian()));
        }
        Passing said = new DryingFit(new Piece(0.55, thickness, 30, start, 18), 18, humidity, readings).forecast().below10();
        double low = said.earliest().orElse(180);
        double high = said.latest().orElse(180);
        double day = Math.min(180, whenDry);
        return new double[] {low - step <= day && day <= high + step ? 1 : 0, high - low};
    }
}
