package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.SectionCondition;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.SideBySide;
import brachion.core.physics.Physics;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Shop;
import brachion.core.risk.RiskModel;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** One recipe has one answer, whatever was asked before it: that of the recipe followed by itself, to the last digit. */
class OneAnswerTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final int STOCKS = 12;

    private static List<Recipe> hot(SideBySide ways) {
        return ways.ways().stream().map(SideBySide.Compared::recipe).filter(recipe -> recipe.method() instanceof HotWood
                && recipe.blank().moisturePercent().isPresent() && recipe.blank().grainRun().isPresent()).toList();
    }

    private static void isThatOfItself(Recipe recipe) {
        HotWood way = (HotWood) recipe.method();
        ProcessSimulation alone = new ProcessSimulation(HotWood.piece(way.atTheBend(recipe.blank()), recipe.shop()));
        way.stagesIn(recipe.shop()).forEach(alone::run);
        SectionCondition found = way.condition(recipe.blank(), recipe.shop(), Physics.USUAL);
        assertThat(found).as("%s", recipe).usingRecursiveComparison().isEqualTo(alone.condition());
    }

    /** Stock of a thickness nobody asked about yet; the ways side by side look at hundreds of recipes before it is forecast. */
    @Test
    void the_ways_side_by_side_leave_every_answer_as_it_is() {
        Random random = new Random(20_261_201);
        List<Recipe> asked = new ArrayList<>();
        for (int i = 0; i < STOCKS; i++) {
            Recipe planned = Recipes.ash().moisture(9 + random.nextInt(12)).thickness(1.5 + 6 * random.nextDouble())
                    .radius(40 + 200 * random.nextDouble()).steamed().withShop(random.nextBoolean() ? Shop.USUAL : new Shop(9, 0.7, 1500));
            asked.addAll(hot(SideBySide.of(TABLES, planned, 0.9)));
        }
        assertThat(asked).extracting(recipe -> recipe.method().kind()).contains(MethodKind.HOT_PIPE, MethodKind.STEAM_BOX, MethodKind.HOT_BATH, MethodKind.STEAM_BAG);
        Collections.shuffle(asked, random);
        for (Recipe recipe : asked) {
            double odds = new Forecaster(TABLES).unbroken(recipe).probability();
            isThatOfItself(recipe);
            assertThat(new Forecaster(TABLES).unbroken(recipe).probability()).isEqualTo(odds);
        }
    }
}
