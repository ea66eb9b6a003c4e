package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarksTest {

    private static final double INCH = LengthUnit.INCH.millimetres();
    private static final Marks INCHES = new Marks(INCH / 8, INCH / 32);
    private static final Marks METRIC = new Marks(5, 0.5);

    @ParameterizedTest
    @CsvSource({"6, 6", "6.0001, 6.125", "6.6, 6.625", "0.01, 0.125"})
    void radii_go_up_to_the_next_eighth_of_an_inch(double inches, double expected) {
        assertThat(INCHES.radiusNoLessThan(inches * INCH)).isCloseTo(expected * INCH, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"18, 18", "18.49, 18", "17.9999999, 18", "0.4, 0"})
    void thicknesses_go_down_to_the_next_half_millimetre(double mm, double expected) {
        assertThat(METRIC.thicknessNoMoreThan(mm)).isCloseTo(expected, within(1e-9));
    }

    @Property(tries = 200)
    void a_suggestion_is_never_gentler_by_more_than_a_mark(@ForAll @DoubleRange(min = 20, max = 1000) double radius,
                                                           @ForAll @DoubleRange(min = 2, max = 40) double thickness) {
        assertThat(INCHES.radiusNoLessThan(radius) - radius).isBetween(-1e-4, INCHES.radiusMm());
        assertThat(thickness - INCHES.thicknessNoMoreThan(thickness)).isBetween(-1e-4, INCHES.thicknessMm());
    }

    @Test
    void a_factor_of_one_moves_nothing_and_others_come_to_lie_on_the_nearest_mark() {
        Recipe odd = Recipes.ash().thickness(12.3).radius(143).steamed();
        assertThat(METRIC.scaled(odd, 1, 1)).isEqualTo(odd);
        assertThat(METRIC.scaled(odd, 1.1, 1)).isEqualTo(odd.withInnerRadiusMm(155));
        assertThat(METRIC.scaled(odd, 1, 0.9)).isEqualTo(odd.withBlank(odd.blank().withThicknessMm(11)));
        assertThat(METRIC.scaled(odd, 1e-9, 1).bend().innerRadiusMm()).as("never no radius at all")
                .isGreaterThanOrEqualTo(PhysicalBound.INNER_RADIUS_MM.lowest());
    }

    @Test
    void marks_that_do_not_lie_apart_are_refused() {
        assertThatThrownBy(() -> new Marks(0, 1)).hasMessageContaining("0.0 and 1.0 mm");
        assertThatThrownBy(() -> new Marks(5, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
