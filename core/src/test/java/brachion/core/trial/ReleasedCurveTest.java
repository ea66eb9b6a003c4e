package brachion.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ReleasedCurveTest {

    /** The carpenter's rule for an arch, a worked figure: a span of 8 ft and a rise of 2 ft lie on a radius of 5 ft. */
    @Test
    void an_arch_of_eight_by_two_has_a_radius_of_five() {
        assertThat(ReleasedCurve.ofChordAndRise(8 * 304.8, 2 * 304.8).radiusMm()).isCloseTo(5 * 304.8, within(1e-9));
    }

    @Property
    void points_of_a_known_circle_give_it_back(@ForAll @DoubleRange(min = 20, max = 5000) double radius, @ForAll @DoubleRange(min = 0.05, max = 3.1) double halfAngle) {
        double chord = 2 * radius * Math.sin(halfAngle);
        double rise = radius * (1 - Math.cos(halfAngle));
        assertThat(ReleasedCurve.ofChordAndRise(chord, rise).radiusMm()).isCloseTo(radius, within(1e-6 * radius));
    }

    @Property
    void a_piece_that_lies_on_its_pattern_has_its_radius_and_one_that_stands_off_a_wider(@ForAll @DoubleRange(min = 30, max = 2000) double pattern,
                                                                                          @ForAll @DoubleRange(min = 0.2, max = 1.9) double share) {
        double chord = pattern * share;
        assertThat(ReleasedCurve.ofGap(pattern, chord, 0).radiusMm()).isCloseTo(pattern, within(1e-6 * pattern));
        double rise = pattern - Math.sqrt(pattern * pattern - chord * chord / 4);
        assertThat(ReleasedCurve.ofGap(pattern, chord, rise / 10).radiusMm()).isGreaterThan(pattern);
    }

    /** Readings with errors of half a millimetre scatter as far as is said. */
    @Test
    void the_spread_is_that_of_readings_that_are_off() {
        Random luck = new Random(5);
        double sum = 0;
        double squares = 0;
        int tries = 20_000;
        for (int i = 0; i < tries; i++) {
            double radius = ReleasedCurve.ofChordAndRise(250 + 0.5 * luck.nextGaussian(), 40 + 0.5 * luck.nextGaussian()).radiusMm();
            sum += radius;
            squares += radius * radius;
        }
        double sd = Math.sqrt(squares / tries - Math.pow(sum / tries, 2));
        assertThat(ReleasedCurve.ofChordAndRise(250, 40).sdMm()).isCloseTo(sd, within(0.05 * sd));
    }

    @Test
    void what_lies_on_no_circle_is_refused() {
        assertThatIllegalArgumentException().isThrownBy(() -> ReleasedCurve.ofChordAndRise(100, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> ReleasedCurve.ofGap(100, 201, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> ReleasedCurve.ofGap(100, 100, 20));
    }
}
