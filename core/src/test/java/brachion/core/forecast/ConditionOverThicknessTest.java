package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import brachion.core.method.Demand;
import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Sensitivity;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import org.junit.jupiter.api.Test;

/** Heat and water read between sixteen thicknesses, beside pieces that are followed for themselves. */
class ConditionOverThicknessTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Recipe ASH = Recipes.ash().moisture(10).grainRun(40).radius(200).steamed();
    private static final ConditionOverThickness OVER = new ConditionOverThickness(ASH, 5, 40);

    private static double asked(Recipe recipe, Demand demand, FailureMode mode) {
        return TABLES.ratio(mode, new Possible(1, recipe, demand, Sensitivity.NONE));
    }

    @Test
    void a_piece_is_asked_as_much_as_if_it_had_been_followed() {
        for (double thickness : new double[] {5, 7.3, 12, 21.7, 40}) {
            Recipe recipe = ASH.withBlank(ASH.blank().withThicknessMm(thickness));
            Possible followed = Possible.typical(recipe);
            for (FailureMode mode : TABLES.modes(recipe)) {
                assertThat(asked(recipe, OVER.demand(recipe), mode)).as("%s at %s mm", mode, thickness)
                        .isCloseTo(TABLES.ratio(mode, followed), withinPercentage(3));
            }
        }
    }

    @Test
    void so_it_is_where_a_constant_of_the_shop_is_one_step_worse() {
        for (double thickness : new double[] {6, 12, 33}) {
            Recipe recipe = ASH.withBlank(ASH.blank().withThicknessMm(thickness));
            Sensitivity followed = Possible.typical(recipe).sensitivity();
            Sensitivity read = OVER.sensitivity(recipe);
            assertThat(read.stepped().keySet()).isEqualTo(followed.stepped().keySet()).isNotEmpty();
            for (FailureMode mode : TABLES.modes(recipe)) {
                assertThat(asked(recipe, read.usual(), mode)).isCloseTo(asked(recipe, followed.usual(), mode), withinPercentage(3));
                followed.stepped().forEach((constant, demand) -> assertThat(asked(recipe, read.stepped().get(constant), mode))
                        .as("%s, %s at %s mm", mode, constant, thickness).isCloseTo(asked(recipe, demand, mode), withinPercentage(3)));
            }
        }
    }

    @Test
    void of_a_way_without_such_constants_nothing_is_said() {
        Recipe cold = Recipes.ash().moisture(10).radius(400).laminated(8);
        assertThat(new ConditionOverThickness(cold, 5, 40).sensitivity(cold).stepped()).isEmpty();
    }
}
