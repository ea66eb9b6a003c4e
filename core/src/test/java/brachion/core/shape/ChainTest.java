package brachion.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChainTest {

    private static final Chain CROOK = new Chain(List.of(new Straight(300), new Arc(120, 60, Turn.LEFT), new Arc(60, 110, Turn.LEFT), new Straight(20),
            new Arc(200, 30, Turn.RIGHT), new Straight(40)));

    @Test
    void arcs_to_one_side_are_one_bend_as_tight_as_the_tightest() {
        List<OneBend> bends = CROOK.bends(20);
        assertThat(bends).hasSize(2);
        OneBend first = bends.get(0);
        assertThat(first.tightestMm()).isEqualTo(60);
        assertThat(first.angleDegrees()).isEqualTo(170);
        assertThat(first.fromMm()).isEqualTo(300);
        assertThat(first.lengthMm()).isCloseTo(Math.toRadians(60) * 130 + Math.toRadians(110) * 70, within(1e-9));
        assertThat(first.tightestAtMm()).isCloseTo(300 + Math.toRadians(60) * 130 + Math.toRadians(110) * 35, within(1e-9));
        assertThat(bends.get(1).turn()).isEqualTo(Turn.RIGHT);
    }

    @Test
    void a_straight_between_makes_two_bends() {
        assertThat(Familiar.U.chain(100, 90).bends(10)).hasSize(2);
    }

    @Test
    void a_spiral_goes_as_far_round_as_wanted_ever_wider() {
        Chain spiral = Familiar.SPIRAL.chain(40, 400);
        assertThat(spiral.arcs().stream().mapToDouble(Arc::angleDegrees).sum()).isCloseTo(400, within(1e-9));
        assertThat(spiral.arcs()).extracting(Arc::innerRadiusMm).isSorted();
        assertThat(spiral.bends(5)).hasSize(1);
    }

    @Test
    void on_the_form_the_wood_is_as_long_as_before() {
        Chain tighter = CROOK.onForm(20, arc -> 0.9 * arc.innerRadiusMm());
        assertThat(tighter.middle(20).lengthMm()).isCloseTo(CROOK.middle(20).lengthMm(), within(1e-9));
        assertThat(tighter.arcs().get(0).innerRadiusMm()).isEqualTo(108);
        assertThat(tighter.arcs().get(0).angleDegrees()).isCloseTo(60 * 130 / 118.0, within(1e-9));
    }

    @Test
    void a_line_along_its_middle_is_the_chain_again() {
        Chain again = Chain.along(CROOK.middle(20), 20);
        assertThat(again.arcs()).hasSameSizeAs(CROOK.arcs());
        for (int i = 0; i < again.arcs().size(); i++) {
            assertThat(again.arcs().get(i).innerRadiusMm()).isCloseTo(CROOK.arcs().get(i).innerRadiusMm(), within(1e-9));
            assertThat(again.arcs().get(i).angleDegrees()).isCloseTo(CROOK.arcs().get(i).angleDegrees(), within(1e-9));
        }
    }

    @Test
    void a_line_tighter_than_the_piece_is_thick_is_refused_with_its_place() {
        Course tight = new Course(Pose.START, List.of(new Run(100, 0), new Run(20, 0.1)));
        assertThatThrownBy(() -> Chain.along(tight, 12)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("radius of 10.0 mm at 110 mm along it");
    }

    @Test
    void a_piece_has_an_end() {
        assertThatThrownBy(() -> new Chain(List.of(new Straight(9000), new Straight(9000))).middle(10)).hasMessageContaining("15000");
        assertThatThrownBy(() -> new Chain(List.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
