package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
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

    /** An eighth of ply and an eighth of saw: half the board is dust. */
    @Test
    void a_fence_is_moved_by_the_strip_and_what_the_saw_takes() {
        assertThat(new Layup(3.175, 4).fenceStepMm()).isEqualTo(6.35);
        assertThat(new Layup(3.175, 4).waste()).isEqualTo(0.5);
        assertThat(new Layup(9.525, 2).waste()).isEqualTo(0.25);
    }

    @Test
    void a_clean_ply_and_as_many_others_as_come_nearest() {
        assertThat(Layup.ofKerfedPlyThickness(10, 2, 2)).isEqualTo(new Layup(2, 5));
        assertThat(Layup.ofKerfedPlyThickness(11.1, 2, 2).plies()).isEqualTo(6);
        assertThat(Layup.ofKerfedPlyThickness(3, 4, 2).plies()).as("one other at least").isEqualTo(2);
        assertThat(Layup.ofKerfedPlies(10, 5, 2)).isEqualTo(new Layup(2, 5));
    }

    /** Plies at hand are spread over 12 mm: four of 3, two of 6 in place of 5; one of 40 is no lamination, sixty of 0.2 are no plies. */
    @Test
    void plies_at_hand_are_spread_over_what_is_wanted() {
        AtHand atHand = new AtHand(List.of(), List.of(), List.of(), List.of(), false, List.of(), List.of(3.0, 5.0, 40.0, 0.2));
        assertThat(Layup.ofPliesAtHand(new WantedPiece(new Bend(300, 90), 12, 25), atHand)).containsExactly(new Layup(3, 4), new Layup(6, 2));
    }

    /** 12 mm in strips of 8 to 1 thirty-seconds of an inch, and as planned: 2, 3, 4, 5, 8 and 15 plies. */
    @Test
    void the_same_section_is_laid_up_in_thick_plies_and_thin_ones() {
        Recipe planned = Recipes.ash().thickness(3).laminated(4);
        List<Recipe> others = planned.method().inOtherPlies(planned);
        assertThat(others).map(each -> ((ColdLamination) each.method()).plies()).containsExactly(2, 3, 4, 5, 8, 15);
        assertThat(others).allSatisfy(each -> assertThat(each.method().finishedMm(each.blank().thicknessMm())).isCloseTo(12, within(1e-4)));
        assertThat(others.get(2)).isSameAs(planned);
        Recipe thin = Recipes.ash().thickness(0.4).laminated(3);
        assertThat(thin.method().inOtherPlies(thin)).as("1.2 mm in one strip of a thirty-second or three plies").map(each -> ((ColdLamination) each.method()).plies())
                .containsExactly(2, 3);
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
