package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TemperatureAndMoistureTest {

    /** 0, 37 and 100 °C are 32, 98.6 and 212 °F by the definition of the Fahrenheit scale. */
    @ParameterizedTest
    @CsvSource(quoteCharacter = '|', value = {"100, CELSIUS, 100", "212 F, CELSIUS, 100", "212, FAHRENHEIT, 100",
        "98.6°F, CELSIUS, 37", "|98,5 °C|, FAHRENHEIT, 98.5", "-4 F, CELSIUS, -20"})
    void reads_either_scale(String text, TemperatureScale bare, double celsius) {
        assertThat(Temperature.parse(text, bare).celsius()).isCloseTo(celsius, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "hot", "98 K", "-300 C", "98 98"})
    void refuses_what_is_no_temperature(String text) {
        assertThatThrownBy(() -> Temperature.parse(text, TemperatureScale.CELSIUS))
                .isInstanceOf(UnreadableQuantityException.class).hasMessageContaining("98 °C");
    }

    @Property
    void fahrenheit_and_back_is_the_same_temperature(@ForAll @DoubleRange(min = -200, max = 500) double celsius) {
        assertThat(Temperature.ofFahrenheit(new Temperature(celsius).fahrenheit()).celsius())
                .isCloseTo(celsius, within(1e-9));
    }

    @Test
    void moisture_from_weighing_is_water_over_dry_wood() {
        assertThat(Moisture.fromMasses(620, 500).percent()).as("120 g of water on 500 g").isCloseTo(24, within(1e-9));
        assertThatThrownBy(() -> Moisture.fromMasses(400, 500)).hasMessageContaining("400");
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '|', value = {"12, 12", "12 %, 12", "|12,5%|, 12.5"})
    void reads_moisture(String text, double percent) {
        assertThat(Moisture.parse(text).percent()).isEqualTo(percent);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "wet", "-3", "12 kg"})
    void refuses_what_is_no_moisture(String text) {
        assertThatThrownBy(() -> Moisture.parse(text)).isInstanceOf(UnreadableQuantityException.class);
    }
}
