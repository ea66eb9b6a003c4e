package brachion.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ChamberHeatTest {

    private static final SteamRig RIG = new SteamRig(1500, 150, 150, WallMaterial.PLYWOOD, 18, 25, 300, 1500, 1, 4, 18, 0);

    /** The closed form of one lump under constant power (first-order step response, any text on heat transfer). */
    @Test
    void it_comes_up_as_the_closed_form_says_however_it_is_cut_up() {
        double loss = RIG.wallLossPerK();
        double towards = 18 + (RIG.steamWatts() - RIG.ventWatts()) / loss;
        double half = towards + (18 - towards) * Math.exp(-loss * 120 / RIG.wallHeatPerK());
        ChamberHeat once = new ChamberHeat(RIG, 18);
        once.goOn(120);
        ChamberHeat often = new ChamberHeat(RIG, 18);
        for (int second = 0; second < 120; second++) {
            often.goOn(1);
        }
        assertThat(once.celsius()).isCloseTo(Math.min(half, RIG.reachesC()), within(1e-9));
        assertThat(often.celsius()).isCloseTo(once.celsius(), within(1e-9));
    }

    @Test
    void it_stays_where_the_rig_can_hold_it_and_recovers_from_the_door() {
        ChamberHeat chamber = new ChamberHeat(RIG, RIG.reachesC());
        chamber.goOn(3600);
        assertThat(chamber.celsius()).isCloseTo(RIG.reachesC(), within(1e-6));
        chamber.openDoor();
        assertThat(chamber.celsius()).isCloseTo(RIG.reachesC() - 15, within(1e-6));
        chamber.goOn(7200);
        assertThat(chamber.celsius()).isCloseTo(RIG.reachesC(), within(0.01));
        ChamberHeat cold = new ChamberHeat(RIG, 20);
        cold.openDoor();
        assertThat(cold.celsius()).as("no colder than the shop").isEqualTo(18);
    }
}
