package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Blank;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.Sensitivity;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What nobody measured is spread as its normal distribution or its shares are, and what was measured as its meter errs. */
class UnknownInputsTest {

    private static double moisture(Recipe recipe) {
        return recipe.blank().moisturePercent().orElseThrow();
    }

    private static double mean(List<Weighted<Recipe>> possible, ToDoubleFunction<Recipe> of) {
        return possible.stream().mapToDouble(each -> each.weight() * of.applyAsDouble(each.value())).sum();
    }

    /** Gauss and Hermite's nodes have the mean, variance and fourth moment 3σ⁴ of the normal distribution, where no value is cut off. */
    @Test
    void moistures_have_the_moments_of_what_is_not_known() {
        List<Weighted<Recipe>> green = UnknownInputs.moistures(Recipes.ash().steamedUnmeasured(Seasoning.GREEN));
        double expected = Seasoning.GREEN.meanMoisturePercent();
        double sd = Seasoning.GREEN.sdMoisturePercent();
        assertThat(mean(green, each -> 1)).isCloseTo(1, within(1e-12));
        assertThat(mean(green, UnknownInputsTest::moisture)).isCloseTo(expected, within(1e-9));
        assertThat(mean(green, each -> Math.pow(moisture(each) - expected, 2))).isCloseTo(sd * sd, within(1e-9 * sd * sd));
        assertThat(mean(green, each -> Math.pow(moisture(each) - expected, 4))).isCloseTo(3 * Math.pow(sd, 4), within(1e-6 * Math.pow(sd, 4)));
        List<Weighted<Recipe>> measured = UnknownInputs.moistures(Recipes.ash().moisture(16).steamed());
        assertThat(mean(measured, UnknownInputsTest::moisture)).isCloseTo(16, within(1e-9));
        assertThat(mean(measured, each -> Math.pow(moisture(each) - 16, 2))).as("a meter errs by two points").isCloseTo(4, within(1e-9));
    }

    /** Above 40 % the walls are full whatever the meter says; at 40 % it still errs. */
    @Test
    void a_reading_that_no_error_changes_is_taken_as_it_is() {
        assertThat(UnknownInputs.moistures(Recipes.ash().moisture(40.1).steamed())).extracting(Weighted::weight).containsExactly(1.0);
        assertThat(UnknownInputs.moistures(Recipes.ash().moisture(40).steamed())).hasSize(3);
        assertThat(UnknownInputs.moistureAt(Recipes.ash().moisture(41).steamed().blank(), 2)).isEqualTo(41);
        assertThat(UnknownInputs.moistureAt(Recipes.ash().moisture(40).steamed().blank(), 2)).isEqualTo(44);
    }

    /** No stock is drier than three in a hundred unless its reading is. */
    @Test
    void nothing_is_drier_than_stock_gets() {
        Blank dry = Recipes.ash().moisture(4).steamed().blank();
        assertThat(UnknownInputs.moistureAt(dry, -2)).isEqualTo(3);
        assertThat(UnknownInputs.moistureAt(Recipes.ash().moisture(2.5).steamed().blank(), -2)).isEqualTo(2.5);
    }

    @Test
    void slopes_are_drawn_as_often_as_sawn_stock_shows_them() {
        assertThat(IntStream.range(0, 1000).filter(i -> UnknownInputs.grainRunAt((i + 0.5) / 1000) == 25)).hasSize(600);
        assertThat(IntStream.range(0, 1000).filter(i -> UnknownInputs.grainRunAt((i + 0.5) / 1000) == 15)).hasSize(250);
        assertThat(UnknownInputs.grainRunAt(0.6)).isEqualTo(15);
        assertThat(UnknownInputs.grainRunAt(1)).isEqualTo(8);
        assertThat(UnknownInputs.grainSlopes(Recipes.ash().steamedUnmeasured(Seasoning.GREEN))).extracting(Weighted::weight).containsExactly(0.6, 0.25, 0.15);
        assertThat(UnknownInputs.grainSlopes(Recipes.ash().grainRun(12).steamed())).extracting(Weighted::weight).containsExactly(1.0);
    }

    /** What a recipe could be, each with its weight, and the most ordinary of it among them. */
    @Test
    void the_most_ordinary_is_one_of_all_it_could_be() {
        Recipe unmeasured = Recipes.ash().steamedUnmeasured(Seasoning.AIR_DRIED);
        List<Possible> all = Possible.of(unmeasured);
        assertThat(all).hasSize(15);
        assertThat(all.stream().mapToDouble(Possible::weight).sum()).isCloseTo(1, within(1e-12));
        Possible typical = Possible.typical(unmeasured, all);
        assertThat(typical.weight()).isEqualTo(1);
        assertThat(typical.recipe()).isEqualTo(UnknownInputs.typical(unmeasured));
        assertThat(typical.demand()).isEqualTo(typical.recipe().demand());
        Possible roughly = Possible.roughly(typical.recipe());
        assertThat(roughly.demand()).isEqualTo(typical.demand());
        assertThat(roughly.sensitivity()).isEqualTo(Sensitivity.NONE);
    }

    @Test
    void few_values_stand_for_many_with_the_same_mean() {
        double[] values = {3, 1, 1, 2, 8, 5};
        double[] weights = {0.1, 0.2, 0.1, 0.3, 0.2, 0.1};
        Spread all = Spread.of(values, weights);
        assertThat(all.value()).containsExactly(1, 2, 3, 5, 8);
        assertThat(all.weight()).containsExactly(new double[] {0.3, 0.3, 0.1, 0.1, 0.2}, within(1e-12));
        assertThat(all.condensed(5)).isSameAs(all);
        // halves: 1 and 2 (their middles lie at 0.15 and 0.45), then 3, 5 and 8
        Spread halves = all.condensed(2);
        assertThat(halves.weight()).containsExactly(new double[] {0.6, 0.4}, within(1e-12));
        assertThat(halves.value()).containsExactly(new double[] {1.5, (0.3 + 0.5 + 1.6) / 0.4}, within(1e-12));
        assertThat(halves.mean()).isCloseTo(all.mean(), within(1e-12));
    }
}
