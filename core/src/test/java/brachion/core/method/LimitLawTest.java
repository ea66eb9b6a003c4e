package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LimitLawTest {

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** The chance of damage beside that of a limit drawn from a log-normal distribution, by Hipparchus' own normal distribution. */
    @ParameterizedTest
    @ValueSource(doubles = {0.4, 0.6, 0.8, 1, 1.3, 2, 2.6})
    void log_odds_are_those_of_a_limit_that_scatters_log_normally(double ratio) {
        double odds = 6 * LimitLaw.LOGNORMAL.load(Math.log(ratio)) - Math.log(19);
        double passed = NORMAL.cumulativeProbability(NORMAL.inverseCumulativeProbability(0.05) + Math.log(ratio) / 0.3);
        assertThat(1 / (1 + Math.exp(-odds))).isCloseTo(passed, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource
    void a_load_is_nothing_at_the_published_limit_rises_with_demand_and_leads_back(LimitLaw law) {
        assertThat(law.load(0)).isCloseTo(0, within(1e-12));
        double before = Double.NEGATIVE_INFINITY;
        for (double logRatio = -7; logRatio <= 5; logRatio += 0.01) {
            double load = law.load(logRatio);
            assertThat(load).isFinite().isGreaterThan(before);
            assertThat(load - before).as("no jump at %f", logRatio).satisfiesAnyOf(step -> assertThat(step).isInfinite(), step -> assertThat(step).isLessThan(0.05));
            assertThat(law.logRatio(load)).isCloseTo(logRatio, within(1e-8));
            before = load;
        }
    }
}
