package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Springback;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The air and the height of the shop go into what is forecast. */
class ShopInTheForecastTest {

    private static final Recipe THIN = Recipes.ash().thickness(6).radius(75).carry(25).steamed();

    @Test
    void thin_stock_carried_through_a_cold_shop_breaks_more_often() {
        double warm = odds(THIN);
        double cold = odds(THIN.withShop(new Shop(0, 0.5, 0)));
        assertThat(cold).isLessThan(warm - 0.02);
        assertThat(odds(THIN.withShop(new Shop(30, 0.5, 0)))).isGreaterThan(warm);
    }

    /** Water boils at about 93 °C at 2,000 m and 86 °C at 4,000 m (international standard atmosphere). */
    @Test
    void steam_is_no_hotter_than_it_boils_at_the_height_of_the_shop() {
        Shop high = new Shop(18, 0.5, 4000);
        List<Stage> stages = ((HotWood) THIN.method()).stagesIn(high);
        assertThat(stages.stream().filter(stage -> stage.kind() == StageKind.STEAM_BOX).map(Stage::mediumC).collect(Collectors.toList()))
                .singleElement().satisfies(celsius -> assertThat(celsius).isCloseTo(86.6, within(1.5)));
        assertThat(odds(THIN.withShop(high))).isLessThan(odds(THIN));
    }

    @Test
    void a_piece_held_in_a_dry_shop_is_drier_and_stiffer_when_it_is_let_go() {
        Springback damp = springback(THIN.withShop(new Shop(18, 0.85, 0)));
        Springback dry = springback(THIN.withShop(new Shop(18, 0.2, 0)));
        assertThat(dry.elasticShare()).isLessThan(0.995 * damp.elasticShare());
    }

    private static double odds(Recipe recipe) {
        return new Forecaster(RiskModel.withoutRecords()).unbroken(recipe).probability();
    }

    private static Springback springback(Recipe recipe) {
        return recipe.method().springback(recipe.blank(), recipe.bend(), recipe.shop(), recipe.demand());
    }
}
