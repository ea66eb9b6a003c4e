package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Plies steamed and set before they are glued, and bends made without a form. */
class SteamedPliesTest {

    private static final Bend BEND = new Bend(150, 90);
    private static final Handling HELD = new Handling(0, SoakAdditive.NONE, 15, Optional.empty(), OptionalDouble.of(24));
    private static final Heating STEAM = new Heating(StageKind.STEAM_BOX, 30, 98);

    private static Recipe plies(int count) {
        return new Recipe(Recipes.ash().moisture(14).thickness(4).steamed().blank(), BEND, new SteamedPlies(HELD, STEAM, Glue.PVA, count));
    }

    private static Springback springback(Recipe recipe) {
        return recipe.method().springback(recipe.blank(), recipe.bend(), Shop.USUAL, recipe.demand());
    }

    /** Four plies on a 150 mm form that would open to 170 mm by themselves come off at 151.1; cold ones at 160.0: worked by hand. */
    @Test
    void the_glued_whole_loses_the_square_of_its_plies_less_than_one_ply() {
        double onePly = 1 - 150.0 / 170;
        assertThat(150 * Math.exp(new Springback(onePly / 16, Optional.empty()).logOpening())).isCloseTo(151.1, within(0.05));
        assertThat(150 * Math.exp(new Springback(1.0 / 16, Optional.empty()).logOpening())).isCloseTo(160.0, within(0.05));
        double solid = springback(new Recipe(plies(4).blank(), BEND, new SteamBox(HELD, STEAM))).elasticShare();
        assertThat(springback(plies(4)).elasticShare()).isCloseTo(solid / 16, within(1e-12));
        assertThat(List.of(2, 3, 5, 9)).isSortedAccordingTo((a, b) -> Double.compare(springback(plies(b)).logOpening(), springback(plies(a)).logOpening()));
    }

    @Test
    void each_ply_is_asked_what_it_would_be_alone() {
        assertThat(plies(4).demand().tensionRatio()).isEqualTo(new Recipe(plies(4).blank(), BEND, new SteamBox(HELD, STEAM)).demand().tensionRatio());
        assertThat(plies(4).method().changes(plies(4), new Marks(5, 0.5))).extracting(Change::kind)
                .contains(Change.Kind.THINNER_PLIES).doesNotContain(Change.Kind.THINNER);
    }

    @Test
    void its_layup_is_cut_longer_and_wider() {
        Sheet sheet = plies(4).method().sheet(plies(4));
        assertThat(sheet.lines()).contains(new Sheet.Line(Sheet.Measure.GLUE_LINES, 3), new Sheet.Line(Sheet.Measure.PLIES, 4),
                new Sheet.Line(Sheet.Measure.PLY_LENGTH, Math.PI / 2 * (150 + 16) + 100));
    }

    /**
     * Four plies of 4 × 25 mm round 150 mm: three lines of 361 × 50 mm at 180 g/m² take 9.8 g; spreading 0.054 m² at 0.15 m² a minute and four
     * clamps of a third of a minute, worked by hand. PVA's twelve minutes at 20 °C are six at 30 °C.
     */
    @Test
    void glue_and_time_are_those_worked_by_hand() {
        GlueUp gluing = GlueUp.of(plies(4).withShop(new Shop(20, 0.5, 0)), Glue.PVA, 4);
        double length = Math.PI / 2 * 166 + 100;
        assertThat(gluing.lengthMm()).isCloseTo(length, within(1e-9));
        assertThat(gluing.glueGrams()).isCloseTo(3 * length * 50.4 / 1e6 * 180, within(1e-9));
        assertThat(gluing.closingMinutes()).isCloseTo(3 * length * 50.4 / 1e6 / 0.15 + 4 / 3.0, within(1e-9));
        assertThat(gluing.openMinutes()).isCloseTo(12, within(1e-9));
        assertThat(GlueUp.of(plies(4).withShop(new Shop(30, 0.5, 0)), Glue.PVA, 4).openMinutes()).isCloseTo(6, within(1e-9));
    }

    @Test
    void glue_that_sets_before_all_is_closed_is_asked_about() {
        Recipe small = plies(3);
        assertThat(Doubt.of(small, OptionalDouble.empty())).isEmpty();
        Recipe arch = Recipes.ash().thickness(3).radius(2000).laminated(20);
        assertThat(Doubt.of(arch, OptionalDouble.empty())).extracting(Doubt::kind).contains(Doubt.Kind.GLUE_SETS_FIRST);
    }

    /** Without a form the tightest place is asked: 1.3 times the mean curvature. */
    @Test
    void a_free_bend_is_asked_at_its_tightest_place() {
        Handling placed = new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty());
        Heating bag = new Heating(StageKind.STEAM_BAG, 40, 98);
        Blank blank = Recipes.ash().moisture(16).thickness(12).steamed().blank();
        FreeBending free = new FreeBending(placed, bag);
        double middle = 206;
        Recipe tighter = new Recipe(blank, new Bend(middle / 1.3 - 6, 90), new SteamBag(placed, bag, SteamBag.Bent.IN_THE_BAG));
        Demand asked = free.demand(blank, new Bend(200, 90), Shop.USUAL, Physics.USUAL);
        assertThat(asked.state().outerStrain()).isCloseTo(tighter.demand().state().outerStrain(), within(1e-12));
        Handling strapped = placed.withStrap(Optional.of(new Strap(StrapMaterial.STEEL, 0.8, 25, 0)));
        assertThatThrownBy(() -> new FreeBending(strapped, bag)).hasMessageContaining("without a strap");
        assertThat(free.with(strapped)).isEqualTo(free);
    }
}
