package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.risk.Margin;
import brachion.core.risk.Outlook;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SimulatedShop;
import brachion.core.trial.Severity;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The evenly scattered points of a forecast against plain random draws and the percentiles of a general library. */
class OddsAgainstSamplingTest {

    private static final RiskModel SHOP = RiskModel.fit(new SimulatedShop(31, 1.75, 1.2, 6).people(-0.5, 0.5).trials(40));
    private static final int DRAWS = 60_000;

    @ParameterizedTest(name = "radius {0} mm")
    @ValueSource(doubles = {110, 150, 190, 260})
    void mean_and_range_are_those_of_random_draws(double radius) {
        for (Recipe recipe : List.of(Recipes.ash().radius(radius).steamed(), unmeasured(radius))) {
            Odds odds = OddsSpread.of(SHOP, Possible.of(recipe), Severity.FLAW).odds();
            double[] drawn = draw(Possible.of(recipe));
            assertThat(odds.probability()).as("mean").isCloseTo(Arrays.stream(drawn).average().orElseThrow(), within(0.01));
            double inside = Arrays.stream(drawn).filter(each -> odds.low() <= each && each <= odds.high()).count();
            assertThat(inside / DRAWS).as("share of the draws in the range").isCloseTo(0.8, within(0.02));
            Arrays.sort(drawn);
            double shortest = IntStream.range(0, DRAWS / 5)
                    .mapToDouble(low -> drawn[low + DRAWS * 4 / 5 - 1] - drawn[low]).min().orElseThrow();
            assertThat(odds.high() - odds.low()).as("width beside the shortest that holds as many").isCloseTo(shortest, within(0.03));
        }
    }

    private static Recipe unmeasured(double radius) {
        return Recipes.ash().radius(radius).steamedUnmeasured(Seasoning.AIR_DRIED);
    }

    private static double[] draw(List<Possible> possible) {
        RandomDataGenerator random = new RandomDataGenerator(20_261_125);
        double[] drawn = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            double choice = random.nextDouble();
            int at = 0;
            while (at < possible.size() - 1 && choice > possible.get(at).weight()) {
                choice -= possible.get(at++).weight();
            }
            List<Outlook> outlooks = SHOP.outlooks(Severity.FLAW, possible.get(at));
            double likelihood = random.nextDouble();
            int stands = 0;
            while (stands < outlooks.size() - 1 && likelihood > outlooks.get(stands).weight()) {
                likelihood -= outlooks.get(stands++).weight();
            }
            drawn[i] = 1 - outlooks.get(stands).hidden();
            for (Margin margin : outlooks.get(stands).margins()) {
                drawn[i] *= 1 / (1 + Math.exp(-random.nextNormal(margin.mean(), Math.max(1e-12, margin.sd()))));
            }
        }
        return drawn;
    }

    /** The map takes fewer points for each of its cells. */
    @Test
    void a_cell_of_the_map_has_the_range_of_a_forecast() {
        Recipe recipe = unmeasured(200);
        BendMap map = BendMap.of(SHOP, recipe, new BendMap.Extent(5, 25, 60, 500, 4, 7));
        for (int row = 0; row < 7; row++) {
            for (int column = 0; column < 4; column++) {
                Recipe same = recipe.withBlank(recipe.blank().withThicknessMm(map.thicknessMm()[column]))
                        .withInnerRadiusMm(map.innerRadiusMm()[row]);
                Odds single = new Forecaster(SHOP).unbroken(same);
                Odds cell = map.unbroken().get(row).get(column);
                assertThat(cell.probability()).isCloseTo(single.probability(), within(0.01));
                assertThat(cell.low()).as("low, row %d column %d", row, column).isCloseTo(single.low(), within(0.05));
                assertThat(cell.high()).as("high, row %d column %d", row, column).isCloseTo(single.high(), within(0.05));
            }
        }
    }
}
