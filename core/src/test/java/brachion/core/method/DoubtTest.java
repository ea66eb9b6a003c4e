package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Doubt.Kind;
import brachion.core.process.Shop;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class DoubtTest {

    private static final OptionalDouble NO_RIG = OptionalDouble.empty();
    private static final Recipe ORDINARY = Recipes.ash().moisture(16).steamed();

    @Test
    void an_ordinary_recipe_is_not_doubted() {
        assertThat(Doubt.of(ORDINARY, NO_RIG)).isEmpty();
    }

    @Test
    void green_wood_at_six_per_cent_is_asked_about() {
        Blank blank = ORDINARY.blank();
        Recipe odd = ORDINARY.withBlank(blank.withStock(blank.species(), Seasoning.GREEN, OptionalDouble.of(6)));
        assertThat(Doubt.of(odd, NO_RIG)).containsExactly(new Doubt(Kind.GREEN_BUT_DRY, 6, 20));
    }

    @Test
    void a_chamber_hotter_than_water_boils_up_here_is_asked_about() {
        assertThat(Doubt.of(ORDINARY.withShop(new Shop(18, 0.5, 2000)), NO_RIG)).extracting(Doubt::kind).containsExactly(Kind.HOTTER_THAN_BOILING);
    }

    @Test
    void a_chamber_hotter_than_the_rig_gets_is_asked_about_unless_steam_itself_is_no_hotter() {
        assertThat(Doubt.of(ORDINARY, OptionalDouble.of(90))).containsExactly(new Doubt(Kind.HOTTER_THAN_RIG, 98, 91));
        assertThat(Doubt.of(ORDINARY, OptionalDouble.of(99))).isEmpty();
        assertThat(Doubt.of(ORDINARY.withShop(new Shop(18, 0.5, 2000)), OptionalDouble.of(93))).extracting(Doubt::kind).containsExactly(Kind.HOTTER_THAN_BOILING);
    }

    @Test
    void a_form_smaller_than_half_the_thickness_is_asked_about() {
        assertThat(Doubt.of(Recipes.ash().thickness(24).radius(10).steamed(), NO_RIG)).extracting(Doubt::kind)
                .containsExactly(Kind.TIGHTER_THAN_A_FORM);
    }

    @Test
    void stock_drier_or_wetter_than_its_drying_says_is_asked_about_and_the_limits_themselves_are_not() {
        assertThat(doubts(Seasoning.AIR_DRIED, 7)).containsExactly(new Doubt(Kind.AIR_DRIED_BUT_DRY, 7, 8));
        assertThat(doubts(Seasoning.AIR_DRIED, 30)).containsExactly(new Doubt(Kind.AIR_DRIED_BUT_WET, 30, 28));
        assertThat(doubts(Seasoning.KILN_DRIED, 15)).containsExactly(new Doubt(Kind.KILN_DRIED_BUT_WET, 15, 14));
        assertThat(doubts(Seasoning.AIR_DRIED, 8)).isEmpty();
        assertThat(doubts(Seasoning.AIR_DRIED, 28)).isEmpty();
        assertThat(doubts(Seasoning.KILN_DRIED, 14)).isEmpty();
        assertThat(doubts(Seasoning.GREEN, 20)).isEmpty();
        assertThat(Doubt.of(Recipes.ash().thickness(24).radius(12).steamed(), NO_RIG)).isEmpty();
    }

    private static List<Doubt> doubts(Seasoning seasoning, double percent) {
        Blank blank = ORDINARY.blank();
        return Doubt.of(ORDINARY.withBlank(blank.withStock(blank.species(), seasoning, OptionalDouble.of(percent))), NO_RIG);
    }
}
