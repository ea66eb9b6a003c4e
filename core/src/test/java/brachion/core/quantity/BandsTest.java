package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class BandsTest {

    @Test
    void inches_are_parted_at_marks_of_the_rule() {
        Bands bands = Bands.of(6.35, 31.75, Measurement.LENGTH, UnitSystem.INCH, 8);
        assertThat(bands.width()).as("1/4 to 1 1/4 in").isEqualTo(0.25);
        assertThat(bands.from(bands.of(19.05))).as("three quarters begin a band").isCloseTo(19.05, within(1e-6));
        assertThat(bands.of(Math.nextDown(19.05))).as("but for the last digit it is three quarters").isEqualTo(bands.of(19.05));
        assertThat(Bands.of(25.4, 25.4 * 30, Measurement.LENGTH, UnitSystem.INCH, 8).width()).isEqualTo(5);
        assertThat(Bands.of(25.4, 25.4 * 12, Measurement.LENGTH, UnitSystem.INCH, 8).width()).isEqualTo(2);
    }

    @Test
    void what_is_read_in_fahrenheit_is_parted_in_fahrenheit() {
        Bands bands = Bands.of(93, 100, Measurement.TEMPERATURE, UnitSystem.INCH, 8);
        assertThat(bands.width()).as("199 to 212 °F").isEqualTo(2);
        assertThat(bands.from(bands.of(98))).isCloseTo((208 - 32) / 1.8, within(1e-6));
        assertThat(Bands.of(93, 100, Measurement.TEMPERATURE, UnitSystem.METRIC, 8).width()).isEqualTo(1);
    }

    @Property(tries = 500)
    void every_measurement_falls_into_one_of_so_many(@ForAll @DoubleRange(min = -1000, max = 1000) double least, @ForAll @DoubleRange(min = 0, max = 20_000) double span,
                                                    @ForAll @DoubleRange(min = 0, max = 1) double share, @ForAll Measurement measurement, @ForAll UnitSystem units,
                                                    @ForAll @IntRange(min = 2, max = 20) int most) {
        Bands bands = Bands.of(least, least + span, measurement, units, most);
        assertThat(bands.of(least + span) - bands.of(least)).isBetween(0L, most - 1L);
        double measured = least + share * span;
        double slack = 1e-6 * Math.max(1, bands.width() * bands.unit());
        assertThat(measured).isBetween(bands.from(bands.of(measured)) - slack, bands.from(bands.of(measured) + 1) + slack);
    }

    /** Whoever looks for what lies between the edges of a band finds what was counted in it, also where numbers lie on edges. */
    @Property(tries = 500)
    void what_is_counted_in_a_band_lies_between_its_edges(@ForAll @IntRange(min = 1, max = 400) int sixteenths, @ForAll UnitSystem units) {
        double measured = sixteenths * 25.4 / 16;
        Bands bands = Bands.of(1.5875, 400 * 25.4 / 16, Measurement.LENGTH, units, 8);
        long band = bands.of(measured);
        assertThat(measured).isGreaterThanOrEqualTo(bands.from(band)).isLessThan(bands.from(band + 1));
    }

    @Test
    void what_is_no_span_is_refused() {
        assertThatThrownBy(() -> Bands.of(2, 1, null, UnitSystem.METRIC, 8)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Bands.of(1, Double.NaN, null, UnitSystem.METRIC, 8)).isInstanceOf(IllegalArgumentException.class);
    }
}
