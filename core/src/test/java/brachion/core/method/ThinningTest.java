package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.process.StageKind;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A plank shaved thinner where it bends, whichever way it is heated. */
class ThinningTest {

    private static final Bend BEND = new Bend(150, 90);
    private static final Handling WHOLE = new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(24));
    private static final Heating BAG = new Heating(StageKind.STEAM_BAG, 40, 98);

    private static Handling thinned(double thicknessMm, double overMm) {
        return WHOLE.withThinning(Optional.of(new Thinning(thicknessMm, overMm, Optional.empty())));
    }

    /** Every way that takes thinned stock, of stock as it is. */
    static Stream<HotWood> ways() {
        return Stream.of(new SteamBox(WHOLE, new Heating(StageKind.STEAM_BOX, 40, 98)), new SteamBag(WHOLE, BAG, SteamBag.Bent.PULLED),
                new SteamInPlace(WHOLE, BAG, 0), new HotBath(WHOLE, new Heating(StageKind.HOT_BATH, 40, 98)), new FreeBending(WHOLE, BAG));
    }

    private static Recipe of(double thicknessMm, HotWood way) {
        return new Recipe(Recipes.ash().moisture(18).thickness(thicknessMm).steamed().blank(), BEND, way);
    }

    @ParameterizedTest
    @MethodSource("ways")
    void thinned_over_the_whole_bend_it_is_a_plank_of_that_thickness(HotWood way) {
        Recipe shaved = of(20, way.with(thinned(12, 500)));
        Recipe thin = of(12, way);
        assertThat(shaved.demand().tensionRatio()).isEqualTo(thin.demand().tensionRatio());
        assertThat(shaved.sensitivity().usual().tensionRatio()).isEqualTo(thin.sensitivity().usual().tensionRatio());
        assertThat(shaved.method().atBest(shaved.blank(), BEND).orElseThrow().tensionRatio())
                .isEqualTo(thin.method().atBest(thin.blank(), BEND).orElseThrow().tensionRatio());
        assertThat(shaved.method().springback(shaved.blank(), BEND, shaved.shop(), shaved.demand()))
                .isEqualTo(thin.method().springback(thin.blank(), BEND, thin.shop(), thin.demand()));
    }

    @ParameterizedTest
    @MethodSource("ways")
    void where_half_of_the_bend_is_not_thinned_the_whole_thickness_is_asked(HotWood way) {
        double ended = of(20, way.with(thinned(12, 80))).demand().tensionRatio();
        assertThat(ended).isGreaterThan(of(20, way.with(thinned(12, 500))).demand().tensionRatio());
        assertThat(of(20, way.with(thinned(12, 80))).demand().section().thicknessMm()).isEqualTo(20);
    }

    /** No step where the thinned length just covers the bend, nor where it stops counting; the more of the bend is thick, the more is asked. */
    @ParameterizedTest
    @MethodSource("ways")
    void the_less_of_the_bend_is_thinned_the_more_is_asked_and_the_more_it_opens_without_a_step(HotWood way) {
        double arc = BEND.outerArcMm(12);
        Recipe covered = of(20, way.with(thinned(12, arc * 1.02)));
        double asked = covered.demand().tensionRatio();
        double squeezed = covered.demand().compressionRatio();
        double opens = opening(covered);
        for (double share = 1.01; share > 0.3; share -= 0.01) {
            Recipe shorter = of(20, way.with(thinned(12, arc * share)));
            assertThat(shorter.demand().tensionRatio()).as("thinned over %.2f", share).isBetween(asked, asked * 1.02);
            assertThat(shorter.demand().compressionRatio()).as("thinned over %.2f", share).isBetween(squeezed, squeezed * 1.02);
            assertThat(opening(shorter)).as("thinned over %.2f", share).isCloseTo(opens, within(0.01));
            asked = shorter.demand().tensionRatio();
            squeezed = shorter.demand().compressionRatio();
            opens = opening(shorter);
        }
        assertThat(asked).as("in full from where half of it is thick").isEqualTo(of(20, way.with(thinned(12, 60))).demand().tensionRatio());
    }

    private static double opening(Recipe recipe) {
        return recipe.method().springback(recipe.blank(), BEND, recipe.shop(), recipe.demand()).logOpening();
    }

    /** On a wide curve the stretch of the outer face is half the thickness over the radius of the middle: r/(R + r) in any text on beams. */
    @Test
    void on_a_wide_curve_the_stretch_is_that_of_the_thinner_plank() {
        Recipe wide = of(20, new SteamBox(thinned(10, 2000), new Heating(StageKind.STEAM_BOX, 1, 40))).withBend(new Bend(10_000, 5));
        assertThat(wide.demand().state().outerStrain()).isCloseTo(5.0 / 10_005, within(2e-6));
    }

    @Test
    void it_is_measured_out_shaved_on_and_refused_by_its_own_thickness() {
        Recipe shaved = of(20, new SteamBox(thinned(12, 500), new Heating(StageKind.STEAM_BOX, 40, 98)));
        assertThat(shaved.method().sheet(shaved).lines()).contains(new Sheet.Line(Sheet.Measure.THINNED_TO, 12), new Sheet.Line(Sheet.Measure.THINNED_OVER, 500));
        Change change = shaved.method().changes(shaved, new Marks(5, 0.5)).stream().filter(each -> each.kind() == Change.Kind.SHAVED_THINNER).findFirst().orElseThrow();
        assertThat(change.on().apply(shaved).demand().tensionRatio()).isLessThan(shaved.demand().tensionRatio());
        assertThat(change.on().apply(shaved).blank().thicknessMm()).isEqualTo(20);
        assertThat(shaved.method().changes(shaved, new Marks(5, 0.5))).extracting(Change::kind).doesNotContain(Change.Kind.SHAVED_FURTHER, Change.Kind.THINNER);
        Recipe ended = of(20, new SteamBox(thinned(12, 100), new Heating(StageKind.STEAM_BOX, 40, 98)));
        Change further = ended.method().changes(ended, new Marks(5, 0.5)).stream().filter(each -> each.kind() == Change.Kind.SHAVED_FURTHER).findFirst().orElseThrow();
        assertThat(further.on().apply(ended).demand().tensionRatio()).isEqualTo(shaved.demand().tensionRatio());
        assertThat(shaved.method().thickened(shaved, new Marks(5, 0.5), 0.9).demand().section().thicknessMm()).isCloseTo(10.8, within(1e-9));
        assertThat(shaved.method().refusals(11, BEND)).containsOnlyKeys("thinnedMm");
        assertThat(shaved.method().refusals(20, BEND)).isEmpty();
    }

    @Test
    void how_thick_and_over_what_length_belong_together() {
        assertThat(Settings.read(MethodKind.HOT_BATH.settings(), Map.of("soakHours", 0, "bathMinutes", 20, "bathC", 95, "carrySeconds", 10, "thinnedMm", 9))
                .problems()).containsOnlyKeys("thinnedOverMm");
    }
}
