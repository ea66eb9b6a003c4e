package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.risk.Surface.Local;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** The search for a peak on surfaces whose highest point is known. */
class PeakTest {

    private static final Offset<Double> CLOSE = within(1e-6);
    private static final double RISE = 1e-12;

    /** −(1 − x)² − 100·(y − x²)², Rosenbrock's valley turned over (Rosenbrock, Computer Journal 3, 1960): its peak is at (1, 1). */
    private static Local valley(double[] at) {
        double x = at[0];
        double off = at[1] - x * x;
        return new Local(-(1 - x) * (1 - x) - 100 * off * off, new double[] {2 * (1 - x) + 400 * x * off, -200 * off},
                Arrow.dense(new double[][] {{-2 + 400 * off - 800 * x * x, 400 * x}, {400 * x, -200}}));
    }

    @Test
    void the_end_of_a_bent_valley_is_found() {
        Peak peak = Peak.of(PeakTest::valley, new double[] {-1.2, 1}, RISE);
        assertThat(peak.settled()).isTrue();
        assertThat(peak.afterLast()).containsExactly(new double[] {1, 1}, CLOSE);
        assertThat(peak.local().height()).isCloseTo(0, CLOSE);
        assertThat(peak.iterations()).isBetween(5, 60);
        // −H⁻¹ at the peak, by hand: determinant 802·200 − 400² = 400
        assertThat(peak.inverse().at(0, 0)).isCloseTo(0.5, within(1e-4));
        assertThat(peak.inverse().at(1, 1)).isCloseTo(802.0 / 400, within(1e-3));
    }

    /** A parabola is one Newton step, which is looked at once more. */
    @Test
    void a_parabola_takes_one_step_and_a_start_at_its_peak_none() {
        Surface parabola = at -> new Local(-2 * at[0] * at[0], new double[] {-4 * at[0]}, Arrow.dense(new double[][] {{-4}}));
        assertThat(Peak.of(parabola, new double[] {3}, RISE).iterations()).isEqualTo(2);
        assertThat(Peak.of(parabola, new double[] {3}, RISE).point()).containsExactly(0);
        assertThat(Peak.of(parabola, new double[] {0}, RISE).iterations()).isEqualTo(1);
        // a step that promises less is left as the last
        Peak rough = Peak.of(parabola, new double[] {0.1}, 0.1);
        assertThat(rough.point()).containsExactly(0.1);
        assertThat(rough.afterLast()).containsExactly(new double[] {0}, CLOSE);
    }

    /** No parameter moves by more than ten at once, so a peak a hundred away takes ten steps and one look. */
    @Test
    void steps_are_bounded_and_too_many_end_at_the_best_point_reached() {
        Surface far = at -> new Local(-(at[0] - 100) * (at[0] - 100), new double[] {2 * (100 - at[0])}, Arrow.dense(new double[][] {{-2}}));
        assertThat(Peak.of(far, new double[] {0}, RISE).iterations()).isEqualTo(11);
        Peak ended = Peak.of(far, new double[] {0}, RISE, 4);
        assertThat(ended.settled()).isFalse();
        assertThat(ended.point()).containsExactly(new double[] {30}, CLOSE);
        assertThat(ended.afterLast()).isEqualTo(ended.point());
    }

    /** Where Newton's step goes beyond the peak it is halved: ln cosh is so flat far out that the whole step leads further away. */
    @Test
    void a_step_too_far_is_halved() {
        Surface hill = at -> new Local(-Math.log(Math.cosh(at[0])), new double[] {-Math.tanh(at[0])},
                Arrow.dense(new double[][] {{-1 / Math.pow(Math.cosh(at[0]), 2)}}));
        Peak peak = Peak.of(hill, new double[] {4}, RISE);
        assertThat(peak.settled()).isTrue();
        assertThat(peak.afterLast()[0]).isCloseTo(0, CLOSE);
    }

    /** A surface that bends upwards at the start, and one whose curvature is no number, are climbed all the same. */
    @Test
    void it_climbs_where_the_curvature_is_of_no_use() {
        Surface twoHills = at -> new Local(2 * at[0] * at[0] - Math.pow(at[0], 4), new double[] {4 * at[0] - 4 * Math.pow(at[0], 3)},
                Arrow.dense(new double[][] {{4 - 12 * at[0] * at[0]}}));
        assertThat(Peak.of(twoHills, new double[] {0.1}, RISE).afterLast()[0]).isCloseTo(1, CLOSE);
        assertThat(Peak.of(twoHills, new double[] {-0.1}, RISE).afterLast()[0]).isCloseTo(-1, CLOSE);
        Surface unknown = at -> new Local(-at[0] * at[0], new double[] {-2 * at[0]}, Arrow.dense(new double[][] {{Double.NaN}}));
        assertThat(Peak.of(unknown, new double[] {3}, RISE).afterLast()[0]).isCloseTo(0, within(1e-3));
    }

    /** A slope that leads nowhere, as of a height lost in rounding, ends the search and says whether that matters. */
    @Test
    void where_no_step_rises_the_search_ends() {
        Surface wrong = at -> new Local(-Math.abs(at[0]), new double[] {1}, Arrow.dense(new double[][] {{-1}}));
        Peak stuck = Peak.of(wrong, new double[] {0}, RISE);
        assertThat(stuck.settled()).isFalse();
        assertThat(stuck.point()).containsExactly(0);
        Surface rounding = at -> new Local(at[0] == 0 ? 1 : 0, new double[] {1e-5}, Arrow.dense(new double[][] {{-1}}));
        assertThat(Peak.of(rounding, new double[] {0}, RISE).settled()).as("a promise of 10⁻¹⁰ is rounding").isTrue();
    }
}
