package brachion.core.bench;

import static brachion.core.bench.Said.at;
import static brachion.core.bench.Said.reading;
import static brachion.core.bench.Said.tapped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.process.ProbeRecord;
import brachion.core.process.ProbeRecord.Reading;
import brachion.core.rig.ChamberHeat;
import brachion.core.rig.SteamRig;
import brachion.core.rig.WallMaterial;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is foreseen of a chamber; held to the rig's own closed form, which goes its way after the moment it is asked at. */
class ChamberAheadTest {

    private static final Recipe ASH = Recipes.ash().thickness(25).steamed();
    private static final SteamRig RIG = new SteamRig(1500, 150, 150, WallMaterial.PLYWOOD, 18, 25, 300, 1500, 1, 4, 18, 0);
    private static final int READ_FOR_S = 2 * 3600;

    /** When a piece is foreseen to be ready by what was read up to a moment [s]. */
    private static double ready(List<Tapped> readings, int upTo) {
        List<Tapped> said = new ArrayList<>(List.of(tapped(Tap.INTO_HEAT, 0)));
        said.addAll(readings.subList(0, upTo / 5));
        Standing standing = new Following(ASH, GlueAtHand.UNKNOWN).at(PieceLife.of(ASH, said), at(upTo));
        return Duration.between(Said.START, standing.due().orElseThrow()).toMillis() / 1000.0;
    }

    private static List<Tapped> read(ChamberHeat chamber) {
        List<Tapped> readings = new ArrayList<>();
        for (int second = 0; second < READ_FOR_S; second += 5) {
            readings.add(reading(second, chamber.celsius()));
            chamber.goOn(5);
        }
        return readings;
    }

    @Test
    void an_opened_door_puts_nothing_off_that_it_does_not() {
        ChamberHeat chamber = new ChamberHeat(RIG, RIG.reachesC());
        chamber.openDoor();
        List<Tapped> readings = read(chamber);
        double hindsight = ready(readings, READ_FOR_S);
        assertThat(ready(readings, 10)).as("ten seconds after it was shut").isCloseTo(hindsight, within(0.1 * hindsight));
        assertThat(ready(readings, 60)).isCloseTo(hindsight, within(0.1 * hindsight));
    }

    @Test
    void a_chamber_that_comes_up_is_taken_to_come_up() {
        List<Tapped> readings = read(new ChamberHeat(RIG, 30));
        double hindsight = ready(readings, READ_FOR_S);
        assertThat(ready(readings, 120)).isCloseTo(hindsight, within(0.2 * hindsight));
    }

    @Test
    void one_that_stays_below_the_plan_or_sinks_is_taken_as_it_is() {
        ProbeRecord even = new ProbeRecord(List.of(new Reading(0, 85), new Reading(900, 85.5)));
        assertThat(ChamberAhead.foreseen(even, 98)).isEqualTo(even);
        ProbeRecord sinking = new ProbeRecord(List.of(new Reading(0, 97), new Reading(600, 90), new Reading(1200, 80)));
        assertThat(ChamberAhead.foreseen(sinking, 98).at(3600)).as("five minutes before").isCloseTo(85, within(5.1));
        ProbeRecord opened = new ProbeRecord(List.of(new Reading(0, 96), new Reading(900, 96), new Reading(905, 81)));
        assertThat(ChamberAhead.foreseen(opened, 98).at(905 + 180)).as("15 K at 5 K a minute").isCloseTo(96, within(1e-9));
    }
}
