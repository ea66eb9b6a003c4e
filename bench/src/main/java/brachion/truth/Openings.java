package brachion.truth;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SpringbackModel.Opening;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Springback of shops in which what is computed is right, or off by a factor, with woods, hands and straps of their own and
 * a scatter between pieces that has now and then a wild one.
 */
final class Openings {

    private static final double[] FACTORS = {1, 0.7, 1.35};

    private Openings() {
    }

    /**
     * @param measured how many pieces were measured
     * @param factor   true opening over the computed one
     * @param learned  mean error of what was learned, in ln R
     * @param computed mean error of what is computed
     * @param held     share of fresh pieces whose opening lay in the range
     */
    record Row(int measured, double factor, double learned, double computed, double held) {
    }

    static List<Row> of(int shops, long seed) {
        List<Row> rows = new ArrayList<>();
        for (double factor : FACTORS) {
            for (int measured : new int[] {0, 5, 20, 80}) {
                double[][] each = IntStream.range(0, shops).parallel()
                        .mapToObj(i -> shop(factor, measured, new Random(seed * 131 + i * 7_919L))).toArray(double[][]::new);
                double[] mean = new double[3];
                for (double[] one : each) {
                    for (int k = 0; k < mean.length; k++) {
                        mean[k] += one[k] / shops;
                    }
                }
                rows.add(new Row(measured, factor, mean[0], mean[1], mean[2]));
            }
        }
        return rows;
    }

    private static double[] shop(double factor, int measured, Random random) {
        List<Species> woods = SpeciesCatalogue.published().all().subList(0, 3);
        double[] ofWood = {0.01 * random.nextGaussian(), 0.01 * random.nextGaussian(), 0.01 * random.nextGaussian()};
        List<Trial> trials = new ArrayList<>();
        RiskModel risk = null;
        double[] sum = new double[3];
        int fresh = 40;
        for (int i = 0; i < measured + fresh; i++) {
            int wood = random.nextInt(3);
            double thickness = 6 + 12 * random.nextDouble();
            double radius = thickness * (12 + 15 * random.nextDouble());
            Recipe recipe = new Recipe(new Blank(woods.get(wood), Seasoning.AIR_DRIED,
                    OptionalDouble.of(14 + 8 * random.nextDouble()), GrowthRings.UNKNOWN, OptionalDouble.of(25), Knots.CLEAR, thickness, 30), new Bend(radius, 120),
                    new SteamBox(0, SoakAdditive.NONE, 45 + 45 * random.nextDouble(), 98, Optional.empty(), 10,
                            random.nextBoolean() ? Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 30, 0)) : Optional.empty(),
                            OptionalDouble.of(new double[] {2, 12, 24, 48}[random.nextInt(4)])), Names.none());
            Possible piece = Possible.roughly(recipe);
            double computed = recipe.method().springback(recipe.blank(), recipe.bend(), recipe.shop(), piece.demand()).logOpening();
            double scatter = (random.nextInt(12) == 0 ? 0.05 : 0.02) * random.nextGaussian();
            double truth = factor * computed + ofWood[wood] + scatter;
            if (i < measured) {
                trials.add(new Trial(i + 1L, recipe, Outcome.clean(), OptionalDouble.of(radius * Math.exp(truth))));
            } else {
                risk = risk == null ? RiskModel.fit(trials) : risk;
                Opening said = risk.springback().opening(piece);
                sum[0] += Math.abs(Math.log(said.middle()) - truth) / fresh;
                sum[1] += Math.abs(Math.log(said.computed()) - truth) / fresh;
                sum[2] += (Math.log(said.low()) <= truth && truth <= Math.log(said.high()) ? 1.0 : 0) / fresh;
            }
        }
        return sum;
    }
}
