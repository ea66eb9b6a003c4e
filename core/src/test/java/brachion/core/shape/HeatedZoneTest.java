package brachion.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where a strip is heated for a curve of arcs and reverses. */
class HeatedZoneTest {

    private static final double THICK_MM = 2.5;

    /** Circle arithmetic: θ·(R + t/2) of each arc, one behind the other. */
    @Test
    void each_bend_is_heated_as_long_as_its_middle_from_the_face_it_turns_to() {
        Chain s = new Chain(List.of(new Straight(50), new Arc(60, 90, Turn.LEFT), new Straight(20), new Arc(40, 120, Turn.RIGHT), new Straight(30)));
        List<HeatedZone> zones = HeatedZone.along(s, THICK_MM, 25);
        assertThat(zones).hasSize(2);
        double first = Math.PI / 2 * 61.25;
        assertThat(zones.get(0).fromMm()).isCloseTo(75, within(1e-9));
        assertThat(zones.get(0).toMm()).isCloseTo(75 + first, within(1e-9));
        assertThat(zones.get(1).fromMm()).isCloseTo(95 + first, within(1e-9));
        assertThat(zones.get(1).toMm() - zones.get(1).fromMm()).isCloseTo(Math.PI * 2 / 3 * 41.25, within(1e-9));
        assertThat(zones).extracting(zone -> zone.bend().turn()).containsExactly(Turn.LEFT, Turn.RIGHT);
    }

    @Test
    void the_tightest_comes_first_and_arcs_to_one_side_are_one_zone() {
        Chain chain = new Chain(List.of(new Arc(90, 40, Turn.LEFT), new Arc(70, 40, Turn.LEFT), new Straight(10), new Arc(30, 60, Turn.LEFT), new Arc(50, 60, Turn.RIGHT)));
        assertThat(HeatedZone.along(chain, THICK_MM, 0)).extracting(HeatedZone::tightestFirst).containsExactly(3, 1, 2);
        assertThat(HeatedZone.along(new Chain(List.of(new Straight(100))), THICK_MM, 0)).isEmpty();
    }
}
