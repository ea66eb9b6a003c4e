package brachion.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.quantity.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PublishedTablesTest {

    /** USDA Forest Service, Wood Handbook FPL-GTR-282, table 4-2, row 21.1 °C (70 °F), printed to 0.1 %. */
    @ParameterizedTest(name = "{0} % RH gives {1} %")
    @CsvSource({"5, 1.3", "20, 4.5", "50, 9.2", "65, 12.0", "80, 16.0", "90, 20.5"})
    void equilibrium_moisture_is_that_of_the_handbook_table(double rh, double emcPercent) {
        assertThat(HailwoodHorrobinSorption.equilibriumMoisture(new Temperature(21.1), rh / 100).percent())
                .isCloseTo(emcPercent, within(0.1));
    }

    @Test
    void humidity_beyond_saturation_is_refused() {
        assertThatThrownBy(() -> HailwoodHorrobinSorption.equilibriumMoisture(new Temperature(20), 1.2))
                .hasMessageContaining("1.2");
    }

    /** Worked values of the softening curve at 98 °C, printed to two decimals. */
    @ParameterizedTest(name = "{0} % moisture gives softness {1}")
    @CsvSource({"5, 0.08", "8, 0.39", "12, 0.76", "20, 0.93", "30, 0.96"})
    void softness_in_a_chamber_depends_on_moisture(double moisture, double softness) {
        assertThat(LigninSoftening.softness(98, moisture)).isCloseTo(softness, within(0.006));
    }

    /** Wood Handbook, modulus of rupture against grain slope. */
    @ParameterizedTest(name = "1 in {0} leaves {1}")
    @CsvSource({"25, 0.96", "20, 0.93", "15, 0.89", "10, 0.81", "5, 0.55"})
    void sloping_grain_weakens_as_in_the_handbook(double run, double factor) {
        assertThat(GrainSlope.tensionFactor(run)).isCloseTo(factor, within(1e-9));
    }

    @Test
    void grain_slope_is_interpolated_in_rise_over_run_and_never_vanishes() {
        assertThat(GrainSlope.tensionFactor(Double.POSITIVE_INFINITY)).isEqualTo(1);
        assertThat(GrainSlope.tensionFactor(1 / 0.15)).as("midway between 1 in 10 and 1 in 5")
                .isCloseTo((0.81 + 0.55) / 2, within(1e-9));
        assertThat(GrainSlope.tensionFactor(1)).isEqualTo(0.1);
        assertThatThrownBy(() -> GrainSlope.tensionFactor(0)).hasMessageContaining("0");
    }
}
