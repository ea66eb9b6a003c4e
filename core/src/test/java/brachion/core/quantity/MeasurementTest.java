package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MeasurementTest {

    /** A pound is 453.59237 g and an ounce a sixteenth of it (international agreement of 1959); tan 5° = 0.0874887. */
    @ParameterizedTest
    @CsvSource(quoteCharacter = '|', value = {
        "MINUTES, 45, 45", "MINUTES, 2 h, 120", "MINUTES, 1 h 30 min, 90", "HOURS, 90 min, 1.5", "HOURS, 2 days, 48",
        "SECONDS, 15, 15", "SECONDS, 0.5 min, 30", "DAYS, 2 weeks, 14", "DAYS, |0,5|, 0.5",
        "ANGLE, 180, 180", "ANGLE, 180°, 180", "ANGLE, 0.5 turn, 180", "ANGLE, 90 deg, 90",
        "GRAIN_SLOPE, 20, 20", "GRAIN_SLOPE, 1 in 20, 20", "GRAIN_SLOPE, 1:12, 12", "GRAIN_SLOPE, 2 in 24, 12", "GRAIN_SLOPE, 1/15, 15",
        "COUNT, 6, 6", "COUNT, 6 plies, 6", "MASS, 2 lb, 907.18474", "MASS, 16 oz, 453.59237", "MASS, |1,2 kg|, 1200",
        "ALTITUDE, 1000, 304.8", "ALTITUDE, -3 m, -3", "ALTITUDE, 200 m, 200",
        "MOISTURE, 12 %, 12", "MOISTURE, |12,5|, 12.5", "HUMIDITY, 45 % RH, 45", "LENGTH, 1/2, 12.7", "TEMPERATURE, 212, 100"})
    void honours_the_unit_that_is_written(Measurement measurement, String text, double value) {
        assertThat(measurement.read(text, UnitSystem.INCH)).isCloseTo(value, within(1e-9));
    }

    @Test
    void a_slope_in_degrees_is_the_run_of_its_tangent() {
        assertThat(Measurement.GRAIN_SLOPE.read("5°", UnitSystem.METRIC)).as("1/tan 5°").isCloseTo(1 / 0.0874887, within(1e-3));
    }

    @Test
    void bare_lengths_and_temperatures_are_in_the_persons_units() {
        assertThat(Measurement.LENGTH.read("6", UnitSystem.INCH)).isEqualTo(152.4);
        assertThat(Measurement.LENGTH.read("6", UnitSystem.METRIC)).isEqualTo(6);
        assertThat(Measurement.TEMPERATURE.read("98", UnitSystem.METRIC)).isEqualTo(98);
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '|', value = {
        "MINUTES, 45 °C", "MINUTES, 2 in", "HOURS, soon", "MOISTURE, 12 h", "MOISTURE, -3", "ANGLE, 90 mm", "ANGLE, 3 4",
        "GRAIN_SLOPE, 0 in 5", "GRAIN_SLOPE, 5 in", "GRAIN_SLOPE, 0°", "COUNT, 6.5", "COUNT, six", "MASS, 3 ft", "HUMIDITY, 45 F", "ALTITUDE, high", "ALTITUDE, --3"})
    void refuses_what_is_no_such_measurement(Measurement measurement, String text) {
        assertThatThrownBy(() -> measurement.read(text, UnitSystem.INCH)).isInstanceOf(UnreadableQuantityException.class)
                .hasMessageContaining("“" + text + "”").hasMessageContaining("Try ");
    }

    @ParameterizedTest
    @EnumSource(Measurement.class)
    void a_comma_that_could_stand_between_thousands_is_never_guessed_at(Measurement measurement) {
        assertThatThrownBy(() -> measurement.read("1,440", UnitSystem.METRIC))
                .isInstanceOf(UnreadableQuantityException.class).hasMessageContaining("thousands");
    }

    @ParameterizedTest
    @EnumSource(Measurement.class)
    void nothing_and_numbers_without_end_are_refused(Measurement measurement) {
        assertThatThrownBy(() -> measurement.read(" ", UnitSystem.METRIC)).isInstanceOf(UnreadableQuantityException.class);
        assertThatThrownBy(() -> measurement.read(null, UnitSystem.METRIC)).isInstanceOf(UnreadableQuantityException.class);
        assertThatThrownBy(() -> measurement.read("9".repeat(400), UnitSystem.METRIC)).isInstanceOf(UnreadableQuantityException.class);
    }
}
