package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One glued section in thick plies and thin ones. */
class PliesComparedTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Recipe STACK = Recipes.ash().moisture(8).thickness(2.54).radius(200).laminated(10);

    /** An inch in strips of a quarter to a thirty-second: 4, 5, 8, 11, 16 and 32 of them, counted by hand. */
    @Test
    void an_inch_is_compared_in_every_usual_strip_and_as_it_is_planned() {
        List<PliesCompared> all = PliesCompared.of(TABLES, STACK);
        assertThat(all).extracting(each -> each.layup().plies()).containsExactly(4, 5, 8, 10, 11, 16, 32);
        assertThat(all).filteredOn(PliesCompared::planned).singleElement().satisfies(each -> assertThat(each.recipe()).isEqualTo(STACK));
        assertThat(all).allSatisfy(each -> assertThat(each.layup().finishedMm()).isCloseTo(25.4, within(0.1)));
    }

    /** Springback 1/n² of the curvature: the more plies, the less; strips of an eighth with an eighth of saw waste half. */
    @Test
    void thinner_plies_spring_back_less_hold_better_and_waste_more() {
        List<PliesCompared> all = PliesCompared.of(TABLES, STACK);
        for (int i = 1; i < all.size(); i++) {
            assertThat(all.get(i).forecast().springback().releasedRadiusMm()).isLessThan(all.get(i - 1).forecast().springback().releasedRadiusMm());
            assertThat(all.get(i).layup().waste()).isGreaterThan(all.get(i - 1).layup().waste());
        }
        assertThat(all.get(5).forecast().unbroken().probability()).isGreaterThan(all.get(0).forecast().unbroken().probability());
        assertThat(all.get(2).layup().waste()).isCloseTo(0.5, within(1e-9));
        assertThat(all.get(2).layup().fenceStepMm()).isCloseTo(6.35, within(1e-9));
    }

    @Test
    void what_is_not_of_plies_alike_is_not_compared() {
        assertThat(PliesCompared.of(TABLES, Recipes.ash().steamed())).isEmpty();
    }
}
