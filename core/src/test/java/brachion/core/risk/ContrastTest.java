package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ContrastTest {

    /** The exact Bayes factor of a normal mean: the density of what was measured if the mean is zero over that if it is N(0, before²). */
    @ParameterizedTest
    @CsvSource({"0, 0.3, 0.7", "0.2, 0.3, 0.7", "0.9, 0.3, 0.7", "-1.4, 0.5, 0.5", "0.5, 4, 0.5"})
    void howMuchLikelierTheRecordsAreWithoutADifferenceIsTheBayesFactor(double measured, double error, double before) {
        double precision = 1 / (error * error) + 1 / (before * before);
        Contrast contrast = new Contrast(measured / (error * error) / precision, Math.sqrt(1 / precision), before, Told.NOTHING, 10, 10);

        double without = new NormalDistribution(0, error).density(measured);
        double with = new NormalDistribution(0, Math.hypot(error, before)).density(measured);
        assertThat(contrast.forNoDifference()).isCloseTo(without / with, within(1e-9 * without / with));
    }

    /** Beside the normal distribution of a general library. */
    @Test
    void chances_are_those_of_the_difference_as_a_normal_distribution() {
        Contrast contrast = new Contrast(0.4, 0.5, 0.7, Told.NOTHING, 10, 10);
        NormalDistribution difference = new NormalDistribution(0.4, 0.5);
        assertThat(contrast.firstBetterBy(0.2)).isCloseTo(1 - difference.cumulativeProbability(0.2), within(1e-12));
        assertThat(contrast.secondBetterBy(0.2)).isCloseTo(difference.cumulativeProbability(-0.2), within(1e-12));
        assertThat(contrast.within(0.2)).isCloseTo(difference.probability(-0.2, 0.2), within(1e-12));
    }

    /** A difference measured with a standard error, over so many groups. */
    private static Contrast measured(double difference, double error, int groups) {
        return new Contrast(0, 1, 1, new Told(difference / (error * error), 1 / (error * error)), groups, 100);
    }

    /** Beside the normal distribution of a general library: at the end of what does not matter, how often would it lie so far off? */
    @ParameterizedTest
    @CsvSource({"0.4, 0.3, 0", "0.4, 0.3, 0.2", "-1.2, 0.8, 0.2", "0.05, 0.3, 0.2", "2.5, 0.9, 0.2"})
    void among_many_boards_the_chance_is_that_of_a_measurement_so_far_off_at_the_end_of_what_does_not_matter(double difference, double error, double matters) {
        NormalDistribution scatter = new NormalDistribution(matters, error);
        double beyond = 1 - scatter.cumulativeProbability(Math.abs(difference)) + scatter.cumulativeProbability(-Math.abs(difference));
        assertThat(measured(difference, error, 1_000_000).byChance(matters)).isCloseTo(beyond, within(1e-5));
    }

    /** Quantiles of Student's distribution, of which one in ten lies beyond either way: any table of it. */
    @ParameterizedTest
    @CsvSource({"2, 6.314", "3, 2.920", "7, 1.943", "14, 1.771", "31, 1.697"})
    void among_few_boards_it_takes_more(int boards, double standard) {
        assertThat(measured(-0.5 * standard, 0.5, boards).byChance(0)).isCloseTo(0.1, within(1e-4));
    }

    /** Beside records drawn with a general library's normal distribution: of as many as are asked for, about half lean so far. */
    @ParameterizedTest
    @CsvSource({"0.9, 40", "0.5, 200", "2.0, 12"})
    void so_many_more_records_show_a_clear_difference_as_often_as_not(double error, int groups) {
        double times = measured(0, error, groups).timesToShow(0.6, 0.2, 0.25);
        RandomDataGenerator draws = new RandomDataGenerator(7);
        int shown = 0;
        for (int i = 0; i < 4000; i++) {
            shown += measured(draws.nextNormal(0.6, error / Math.sqrt(times)), error / Math.sqrt(times), (int) Math.round(groups * times)).byChance(0.2) <= 0.25 ? 1 : 0;
        }
        assertThat(shown / 4000.0).isBetween(0.47, 0.53);
    }

    @Test
    void records_that_would_have_shown_it_need_no_more_and_those_that_compare_nothing_never_do() {
        assertThat(measured(0.1, 0.1, 60).timesToShow(0.6, 0.2, 0.25)).isEqualTo(1);
        assertThat(measured(0.1, 0.9, 1).timesToShow(0.6, 0.2, 0.25)).isInfinite();
        assertThat(new Contrast(0, 1, 1, Told.NOTHING, 20, 100).timesToShow(0.6, 0.2, 0.25)).isInfinite();
        assertThat(measured(-0.4, 0.9, 10).timesToShow(0.6, 0.2, 0.25)).as("what they lean to by now does not count").isEqualTo(measured(2, 0.9, 10).timesToShow(0.6, 0.2, 0.25));
    }

    @Test
    void one_board_or_no_record_tells_nothing() {
        assertThat(measured(3, 0.5, 1).byChance(0.2)).isEqualTo(1);
        assertThat(new Contrast(0, 1, 1, Told.NOTHING, 20, 100).byChance(0.2)).isEqualTo(1);
    }
}
