package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SteamBoxTest {

    private static final Blank BLANK = Recipes.ash().moisture(11).thickness(14).steamed().blank();
    private static final SteamBox BOX = new SteamBox(6, 40, 97, 12, Optional.empty());

    @Test
    void the_stages_come_in_the_order_of_the_work_and_those_left_out_are_not_there() {
        assertThat(BOX.stages()).extracting(Stage::kind).containsExactly(StageKind.SOAK, StageKind.STEAM_BOX, StageKind.CARRY);
        assertThat(BOX.stages()).extracting(Stage::seconds).containsExactly(6 * 3600.0, 2400.0, 12.0);
        assertThat(BOX.withSoakHours(0).withCarrySeconds(0).stages()).extracting(Stage::kind).containsExactly(StageKind.STEAM_BOX);
        assertThat(BOX.kind()).isEqualTo(MethodKind.STEAM_BOX);
        assertThat(new ColdLamination(Glue.PVA, 3).kind()).isEqualTo(MethodKind.COLD_LAMINATION);
    }

    @Test
    void each_change_changes_one_setting() {
        Optional<Strap> strap = Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 25, 0));
        assertThat(BOX.withSteamMinutes(70)).isEqualTo(new SteamBox(6, 70, 97, 12, Optional.empty()));
        assertThat(BOX.withChamberC(90)).isEqualTo(new SteamBox(6, 40, 90, 12, Optional.empty()));
        assertThat(BOX.withSoakHours(2)).isEqualTo(new SteamBox(2, 40, 97, 12, Optional.empty()));
        assertThat(BOX.withCarrySeconds(3)).isEqualTo(new SteamBox(6, 40, 97, 3, Optional.empty()));
        assertThat(BOX.withStrap(strap)).isEqualTo(new SteamBox(6, 40, 97, 12, strap));
        assertThat(new ColdLamination(Glue.EPOXY, 3).withPlies(5)).isEqualTo(new ColdLamination(Glue.EPOXY, 5));
    }

    /** Followed together, the short ones on the way of the longest, they come out as each does by itself. */
    @Test
    void steamings_followed_together_are_those_followed_alone() {
        Blank other = BLANK.withMoisturePercent(12.5);
        List<SteamBox> steamings = List.of(BOX, BOX.withSteamMinutes(3), BOX.withSteamMinutes(65));
        BOX.followTogether(other, Shop.USUAL, steamings);
        Blank alone = BLANK.withMoisturePercent(12.5 + 1e-9);
        for (SteamBox each : steamings) {
            SectionCondition together = each.condition(other, Shop.USUAL, Physics.USUAL);
            SectionCondition single = each.condition(alone, Shop.USUAL, Physics.USUAL);
            assertThat(together.outerQuarterSoftness()).isCloseTo(single.outerQuarterSoftness(), within(1e-6));
            assertThat(together.innerHalfSoftness()).isCloseTo(single.innerHalfSoftness(), within(1e-6));
        }
        assertThat(BOX.withSteamMinutes(65).condition(other, Shop.USUAL, Physics.USUAL).innerHalfSoftness())
                .isGreaterThan(BOX.withSteamMinutes(3).condition(other, Shop.USUAL, Physics.USUAL).innerHalfSoftness() + 0.01);
        BOX.followTogether(other, Shop.USUAL, steamings);
        assertThat(BOX.condition(other, Shop.USUAL, Physics.USUAL)).as("remembered").isSameAs(BOX.condition(other, Shop.USUAL, Physics.USUAL));
    }

    @Test
    void every_unsure_constant_bears_on_a_strapped_bend_and_the_straps_share_on_no_other() {
        Recipe bare = Recipes.ash().moisture(11).thickness(14).radius(150).steamed();
        Recipe strapped = Recipes.ash().moisture(11).thickness(14).radius(150).steelStrap(0.9, 0).steamed();
        assertThat(strapped.sensitivity().stepped()).containsOnlyKeys(Unsure.values());
        assertThat(bare.sensitivity().stepped()).doesNotContainKey(Unsure.STRAP_SHARE).containsKey(Unsure.STEAM_HEAT);
        Sensitivity known = strapped.sensitivity().without(Unsure.STEAM_HEAT);
        assertThat(known.stepped()).doesNotContainKey(Unsure.STEAM_HEAT).containsKey(Unsure.STRAP_SHARE);
        assertThat(known.usual().tensionRatio()).isEqualTo(strapped.sensitivity().usual().tensionRatio());
        assertThat(bare.sensitivity().stepped().get(Unsure.STEAM_HEAT).tensionRatio()).as("a cooler box asks more")
                .isGreaterThan(bare.sensitivity().usual().tensionRatio());
        assertThat(Recipes.ash().laminated(3).sensitivity()).isEqualTo(Sensitivity.NONE);
    }
}
