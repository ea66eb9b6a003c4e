package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is changed about a recipe changes, and nothing else. */
class RecipeTest {

    private static final Species ASH = SpeciesCatalogue.published().require("white-ash");
    private static final Species OAK = SpeciesCatalogue.published().require("red-oak");
    private static final Blank BLANK = blank(ASH, Seasoning.AIR_DRIED, 15, GrowthRings.FLAT, 20, Knots.CLEAR, 10);

    private static Blank blank(Species species, Seasoning seasoning, double moisture, GrowthRings rings, double run, Knots knots,
                               double thickness) {
        return new Blank(species, seasoning, OptionalDouble.of(moisture), rings, OptionalDouble.of(run), knots, OuterFace.RIVEN, thickness, 30);
    }

    @Test
    void each_change_of_the_blank_changes_one_thing() {
        assertThat(BLANK.withMoisturePercent(9)).isEqualTo(blank(ASH, Seasoning.AIR_DRIED, 9, GrowthRings.FLAT, 20, Knots.CLEAR, 10));
        assertThat(BLANK.withGrainRun(8)).isEqualTo(blank(ASH, Seasoning.AIR_DRIED, 15, GrowthRings.FLAT, 8, Knots.CLEAR, 10));
        assertThat(BLANK.withThicknessMm(12)).isEqualTo(blank(ASH, Seasoning.AIR_DRIED, 15, GrowthRings.FLAT, 20, Knots.CLEAR, 12));
        assertThat(BLANK.withGrowthRings(GrowthRings.ON_EDGE)).isEqualTo(blank(ASH, Seasoning.AIR_DRIED, 15, GrowthRings.ON_EDGE, 20, Knots.CLEAR, 10));
        assertThat(BLANK.withKnots(Knots.IN_BEND)).isEqualTo(blank(ASH, Seasoning.AIR_DRIED, 15, GrowthRings.FLAT, 20, Knots.IN_BEND, 10));
        assertThat(BLANK.withStock(OAK, Seasoning.GREEN, OptionalDouble.of(40))).isEqualTo(blank(OAK, Seasoning.GREEN, 40, GrowthRings.FLAT, 20, Knots.CLEAR, 10));
        assertThatThrownBy(() -> BLANK.withThicknessMm(0)).hasMessageContaining("Thickness must be between");
        assertThatThrownBy(() -> BLANK.withMoisturePercent(-1)).hasMessageContaining("Moisture must be between");
        assertThatThrownBy(() -> BLANK.withGrainRun(1)).hasMessageContaining("Slope of grain");
        assertThatThrownBy(() -> new Blank(ASH, Seasoning.GREEN, OptionalDouble.empty(), GrowthRings.FLAT, OptionalDouble.empty(), Knots.CLEAR, 10, 0))
                .hasMessageContaining("Width must be between");
    }

    @Test
    void each_change_of_the_recipe_changes_one_thing() {
        Recipe recipe = Recipes.ash().radius(150).steamed();
        Names names = new Names("Ida", "board 4", "the mill");
        assertThat(recipe.names()).isEqualTo(Names.none()).isEqualTo(new Names("", "", ""));
        assertThat(recipe.withNames(names)).isEqualTo(new Recipe(recipe.blank(), recipe.bend(), recipe.method(), names));
        assertThat(recipe.withNames(names).withInnerRadiusMm(90)).isEqualTo(new Recipe(recipe.blank(), new Bend(90, 90), recipe.method(), names));
        assertThat(recipe.withNames(names).withMethod(new ColdLamination(Glue.PVA, 2)))
                .isEqualTo(new Recipe(recipe.blank(), recipe.bend(), new ColdLamination(Glue.PVA, 2), names));
        assertThat(recipe.withBlank(BLANK)).isEqualTo(new Recipe(BLANK, recipe.bend(), recipe.method()));
    }

    @Test
    void the_outer_face_is_as_long_as_its_arc() {
        assertThat(new Bend(100, 180).outerArcMm(20)).isCloseTo(Math.PI * 120, within(1e-9));
        assertThatThrownBy(() -> new Bend(1, 90)).hasMessageContaining("Inner radius");
        assertThatThrownBy(() -> new Bend(100, 0)).hasMessageContaining("Bend angle");
    }

    /** Common practice: green stock well above saturation, air-dried in the middle teens, kiln-dried at 6 to 10 %. */
    @Test
    void seasonings_are_as_wet_as_their_names_say() {
        assertThat(Seasoning.GREEN.meanMoisturePercent()).isBetween(30.0, 60.0);
        assertThat(Seasoning.AIR_DRIED.meanMoisturePercent()).isBetween(12.0, 20.0);
        assertThat(Seasoning.KILN_DRIED.meanMoisturePercent()).isBetween(6.0, 10.0);
        assertThat(Seasoning.GREEN.sdMoisturePercent()).isGreaterThan(Seasoning.AIR_DRIED.sdMoisturePercent());
        assertThat(Seasoning.KILN_DRIED.sdMoisturePercent()).isBetween(0.5, 3.0);
    }
}
