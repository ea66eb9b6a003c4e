package brachion.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.process.Piece;
import brachion.core.quantity.PhysicalBound;
import brachion.core.rig.RigAppraisal.Change;
import brachion.core.rig.RigAppraisal.Hold;
import org.junit.jupiter.api.Test;

class SteamRigTest {

    private static final double FOOT = 304.8;
    private static final RigLoad LOAD = new RigLoad(new Piece(0.55, 19, 25, 15, 12), 1000, 2, 2);

    private static SteamRig plywood(double lengthMm) {
        return new SteamRig(lengthMm, 127, 127, WallMaterial.PLYWOOD, 12, 0, 230, 1500, 1, 4, 12, 0);
    }

    /** Common practice: a 1500 W generator suits a chamber of about 4 ft by 5 in square, not 8 or 10 ft. */
    @Test
    void fifteen_hundred_watts_suit_four_feet_but_not_eight_or_ten() {
        assertThat(RigAppraisal.of(plywood(4 * FOOT), LOAD).hold()).isEqualTo(Hold.EASILY);
        assertThat(RigAppraisal.of(plywood(8 * FOOT), LOAD).hold()).isNotEqualTo(Hold.EASILY);
        assertThat(RigAppraisal.of(plywood(10 * FOOT), LOAD).hold()).isNotEqualTo(Hold.EASILY);
    }

    /** 1500 W evaporate 2.4 l of boiling water in an hour: 1500 W × 3600 s / 2257 kJ/kg. */
    @Test
    void a_tank_lasts_as_long_as_its_heat_of_evaporation() {
        double litresAnHour = 1500.0 * 3600 / (SteamRig.EVAPORATION_KJ_PER_KG * 1000);
        assertThat(litresAnHour).isCloseTo(2.4, within(0.02));
        double hours = plywood(4 * FOOT).tankHours();
        assertThat(4 / hours).as("litres an hour, the warming of the water included").isBetween(2.0, litresAnHour);
    }

    /** The flow of heat through a plane wall of 12 mm of k = 0.13 between films of 400 and 10 W/(m²·K), by hand. */
    @Test
    void the_wall_loses_what_its_resistances_say() {
        double u = 1 / (1 / 400.0 + 0.012 / 0.13 + 1 / 10.0);
        double inner = 2 * (1219.2 * 127 * 2 + 127 * 127) / 1e6;
        double outer = 2 * (1243.2 * 151 * 2 + 151 * 151) / 1e6;
        assertThat(plywood(4 * FOOT).wallLossPerK()).isCloseTo(u * (inner + outer) / 2, within(1e-9));
    }

    @Test
    void what_is_advised_does_help() {
        SteamRig weak = plywood(8 * FOOT);
        RigAppraisal appraisal = RigAppraisal.of(weak, LOAD);
        assertThat(appraisal.changes()).extracting(Change::kind).containsExactlyInAnyOrder(
                Change.Kind.SHORTEN, Change.Kind.INSULATE, Change.Kind.ADD_GENERATOR);
        for (Change change : appraisal.changes()) {
            SteamRig changed = switch (change.kind()) {
                case SHORTEN -> weak.withLengthMm(change.amount());
                case INSULATE -> weak.withInsulationMm(change.amount());
                case ADD_GENERATOR -> weak.withGenerators((int) change.amount());
            };
            assertThat(RigAppraisal.of(changed, LOAD).hold()).as(change.kind().name()).isEqualTo(Hold.EASILY);
        }
    }

    @Test
    void more_wood_or_a_colder_shop_heats_up_more_slowly() {
        double quick = RigAppraisal.of(plywood(4 * FOOT), LOAD).heatUpMinutes().orElseThrow();
        double loaded = RigAppraisal.of(plywood(4 * FOOT), new RigLoad(LOAD.piece(), 1000, 3, 4)).heatUpMinutes().orElseThrow();
        SteamRig cold = new SteamRig(4 * FOOT, 127, 127, WallMaterial.PLYWOOD, 12, 0, 230, 1500, 1, 4, -5, 0);
        assertThat(loaded).isGreaterThan(quick);
        assertThat(RigAppraisal.of(cold, LOAD).heatUpMinutes().orElseThrow()).isGreaterThan(quick);
        assertThat(quick).isBetween(5.0, 60.0);
    }

    @Test
    void a_rig_that_never_gets_there_says_so() {
        SteamRig kettle = new SteamRig(10 * FOOT, 300, 300, WallMaterial.STEEL, 2, 0, 2000, 800, 1, 2, 0, 0);
        RigAppraisal appraisal = RigAppraisal.of(kettle, LOAD);
        assertThat(appraisal.hold()).isEqualTo(Hold.NOT);
        assertThat(appraisal.heatUpMinutes()).isEmpty();
        assertThat(appraisal.reachesC()).isLessThan(98);
    }

    /** More than ten generators, or a chamber shorter than there can be, is no advice. */
    @Test
    void what_cannot_be_built_is_not_advised() {
        SteamRig ten = new SteamRig(10 * FOOT, 300, 300, WallMaterial.STEEL, 2, 0, 20_000, 200, 10, 2, 0, 0);
        assertThat(RigAppraisal.of(ten, LOAD).changes()).isEmpty();
        SteamRig shortest = new SteamRig(PhysicalBound.CHAMBER_LENGTH_MM.nearest(0), 300, 300, WallMaterial.STEEL, 2, 0, 20_000, 200, 9, 2, 0, 0);
        RigLoad small = new RigLoad(LOAD.piece(), 50, 1, 1);
        assertThat(RigAppraisal.of(shortest, small).changes()).isEmpty();
    }

    @Test
    void up_the_hill_less_heat_is_wanted_because_water_boils_sooner() {
        SteamRig high = new SteamRig(4 * FOOT, 127, 127, WallMaterial.PLYWOOD, 12, 0, 230, 1500, 1, 4, 12, 2500);
        assertThat(RigAppraisal.wantedC(high)).isBetween(89.0, 91.5);
        assertThat(high.reachesC()).isLessThan(92);
    }

    @Test
    void stock_that_swells_against_its_neighbours_has_no_room() {
        RigLoad tight = new RigLoad(new Piece(0.55, 19, 60, 6, 12), 1000, 2, 2);
        RigAppraisal appraisal = RigAppraisal.of(plywood(4 * FOOT), tight);
        assertThat(appraisal.gapAcrossMm()).isLessThan((127 - 120) / 3.0);
        assertThat(appraisal.roomy()).isFalse();
        assertThat(RigAppraisal.of(plywood(4 * FOOT), LOAD).roomy()).isTrue();
    }

    @Test
    void a_sealed_chamber_is_refused() {
        assertThatThrownBy(() -> new SteamRig(1000, 127, 127, WallMaterial.PLYWOOD, 12, 0, 0, 1500, 1, 4, 12, 0))
                .hasMessageContaining("Open area of vents and drain must be between 50");
    }
}
