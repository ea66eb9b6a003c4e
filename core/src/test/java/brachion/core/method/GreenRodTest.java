package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.bending.Outline;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.StageKind;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A rod shaved thinner where it bends. */
class GreenRodTest {

    private static final Handling HELD = new Handling(0, SoakAdditive.NONE, 15, Optional.empty(), OptionalDouble.of(24));
    private static final Heating STEAM = new Heating(StageKind.STEAM_BOX, 40, 98);
    private static final Bend BEND = new Bend(70, 180);

    private static Recipe rod(double thick, double thinned, double over, Outline shaped) {
        Blank blank = Recipes.ash().moisture(30).thickness(thick).steamed().blank().withOutline(Outline.ROUND, thick);
        return new Recipe(blank, BEND, new GreenRod(HELD, STEAM, thinned, over, shaped));
    }

    private static double asked(Recipe recipe) {
        return recipe.demand().tensionRatio();
    }

    /** Thinned over the whole bend it is asked what a rod of that thickness is asked. */
    @Test
    void where_it_bends_it_is_the_thinner_rod() {
        Recipe thin = new Recipe(rod(16, 16, 400, Outline.ROUND).blank(), BEND, new SteamBox(HELD, STEAM));
        assertThat(asked(rod(24, 16, 400, Outline.ROUND))).isEqualTo(asked(thin));
        assertThat(asked(rod(24, 24, 400, Outline.ROUND))).isGreaterThan(asked(thin));
    }

    @Test
    void a_thinning_that_ends_within_the_bend_is_asked_where_it_ends() {
        assertThat(asked(rod(24, 16, 50, Outline.ROUND))).isGreaterThan(asked(rod(24, 16, 400, Outline.ROUND)));
        assertThat(asked(rod(24, 16, 50, Outline.ROUND))).isLessThanOrEqualTo(asked(rod(24, 24, 400, Outline.ROUND)) * 1.2);
    }

    /** A flat outside shares the stretch over its whole width; a rod carries it on a line. */
    @Test
    void a_flat_outside_is_gentler_than_a_flat_inside() {
        double outside = asked(rod(24, 14, 400, Outline.HALF_ROUND_FLAT_OUTSIDE));
        double round = asked(rod(24, 14, 400, Outline.ROUND));
        double inside = asked(rod(24, 14, 400, Outline.HALF_ROUND_FLAT_INSIDE));
        assertThat(outside).isLessThan(round);
        assertThat(round).isLessThan(inside);
    }

    @Test
    void what_cannot_be_is_refused_and_a_strap_has_no_place() {
        assertThat(rod(24, 25, 400, Outline.ROUND).method().refusals(24, BEND)).containsOnlyKeys("thinnedMm");
        assertThat(rod(24, 24, 400, Outline.ROUND).method().refusals(24, BEND)).isEmpty();
        Handling strapped = HELD.withStrap(Optional.of(new Strap(StrapMaterial.STEEL, 0.8, 25, 0)));
        assertThatThrownBy(() -> new GreenRod(strapped, STEAM, 16, 400, Outline.ROUND)).hasMessageContaining("without a strap");
    }

    @Test
    void its_changes_shave_the_bend_and_its_sheet_counts_the_pins() {
        Recipe rod = rod(24, 16, 400, Outline.ROUND);
        assertThat(rod.method().changes(rod, new Marks(5, 0.5))).extracting(Change::kind)
                .contains(Change.Kind.SHAVED_THINNER).doesNotContain(Change.Kind.THINNER, Change.Kind.STEEL_STRAP);
        assertThat(rod.method().sheet(rod).lines()).contains(new Sheet.Line(Sheet.Measure.CENTRE_BLOCK, 140),
                new Sheet.Line(Sheet.Measure.PINS, Math.ceil(Math.PI * 86 / 38) + 1));
    }
}
