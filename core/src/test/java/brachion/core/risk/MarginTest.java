package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarginTest {

    /** Beside Simpson's rule of a general library over ten standard deviations; 15 equal parts were 5 to 12 % low here. */
    @ParameterizedTest
    @CsvSource({"5, 1", "5, 2", "0, 0.3", "-3, 1.5", "8, 2.5"})
    void the_chance_of_damage_is_the_integral_over_the_uncertainty(double mean, double sd) {
        NormalDistribution normal = new NormalDistribution(mean, sd);
        double damage = new SimpsonIntegrator(1e-10, 1e-14, 8, 30).integrate(1_000_000,
                at -> normal.density(at) / (1 + Math.exp(at)), mean - 10 * sd, mean + 10 * sd);
        assertThat(1 - new Margin(mean, sd).probability()).isCloseTo(damage, withPercentage(0.5));
    }

    @Test
    void what_is_sure_is_the_logistic_function_itself() {
        assertThat(new Margin(Math.log(3), 0).probability()).isCloseTo(0.75, within(1e-12));
        assertThat(new Margin(Math.log(3) - 2, 4).probabilityAt(0.5)).isCloseTo(0.75, within(1e-12));
        assertThat(new Margin(1, 3).widened(16)).isEqualTo(new Margin(1, 5));
    }
}
