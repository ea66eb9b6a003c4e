package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContrastTest {

    /** The exact Bayes factor of a normal mean: the density of what was measured if the mean is zero over that if it is N(0, before²). */
    @ParameterizedTest
    @CsvSource({"0, 0.3, 0.7", "0.2, 0.3, 0.7", "0.9, 0.3, 0.7", "-1.4, 0.5, 0.5", "0.5, 4, 0.5"})
    void howMuchLikelierTheRecordsAreWithoutADifferenceIsTheBayesFactor(double measured, double error, double before) {
        double precision = 1 / (error * error) + 1 / (before * before);
        Contrast contrast = new Contrast(measured / (error * error) / precision, Math.sqrt(1 / precision), before, 10);

        double without = new NormalDistribution(0, error).density(measured);
        double with = new NormalDistribution(0, Math.hypot(error, before)).density(measured);
        assertThat(contrast.forNoDifference()).isCloseTo(without / with, within(1e-9 * without / with));
    }

    /** Beside the normal distribution of a general library. */
    @Test
    void chances_are_those_of_the_difference_as_a_normal_distribution() {
        Contrast contrast = new Contrast(0.4, 0.5, 0.7, 10);
        NormalDistribution difference = new NormalDistribution(0.4, 0.5);
        assertThat(contrast.firstBetter()).isCloseTo(1 - difference.cumulativeProbability(0), within(1e-12));
        assertThat(contrast.firstBetterBy(0.2)).isCloseTo(1 - difference.cumulativeProbability(0.2), within(1e-12));
        assertThat(contrast.secondBetterBy(0.2)).isCloseTo(difference.cumulativeProbability(-0.2), within(1e-12));
    }
}
