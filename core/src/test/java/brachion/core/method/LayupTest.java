package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class LayupTest {

    @Test
    void a_half_inch_of_four_plies_is_an_eighth_each() {
        assertThat(Layup.ofPlies(12.7, 4).plyMm()).isEqualTo(3.175);
    }

    @Test
    void as_many_plies_of_a_sixteenth_as_make_half_an_inch() {
        assertThat(Layup.ofPlyThickness(12.7, 1.5875).plies()).isEqualTo(8);
        assertThat(Layup.ofPlyThickness(12.7, 4.7625)).as("three of 3/16 come to 9/16").isEqualTo(new Layup(4.7625, 3));
        assertThat(Layup.ofPlyThickness(2, 5).plies()).as("one ply is no lamination").isEqualTo(2);
    }

    /** Structural codes let a hardwood ply be a hundredth of its radius (NDS, glued laminated timber; from memory). */
    @Test
    void for_a_radius_the_plies_are_at_most_a_hundredth_of_it() {
        assertThat(Layup.forRadius(12, 300)).as("exactly four of 3 mm").isEqualTo(new Layup(3, 4));
        assertThat(Layup.forRadius(12.1, 300).plies()).isEqualTo(5);
        assertThat(Layup.forRadius(12, 10).plyMm()).as("no thinner than any ply").isCloseTo(0.3, within(1e-9));
    }

    @Property
    void the_finished_thickness_stays(@ForAll @DoubleRange(min = 2, max = 60) double finished,
                                      @ForAll @DoubleRange(min = 50, max = 3000) double radius) {
        assertThat(Layup.forRadius(finished, radius).finishedMm()).isCloseTo(finished, within(2e-4));
    }
}
