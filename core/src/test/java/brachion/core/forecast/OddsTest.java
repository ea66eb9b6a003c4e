package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.risk.RiskModel;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

class OddsTest {

    private static final Odds GOOD = new Odds(0.8, 0.6, 0.9);

    @Test
    void advice_is_ranked_halfway_to_the_lower_end() {
        assertThat(GOOD.cautious()).isCloseTo(0.7, within(1e-12));
    }

    @Test
    void a_share_of_the_way_moves_odds_and_both_ends_alike() {
        Odds quarter = GOOD.towards(new Odds(0.4, 0.2, 1), 0.25);
        assertThat(quarter.probability()).isCloseTo(0.7, within(1e-12));
        assertThat(quarter.low()).isCloseTo(0.5, within(1e-12));
        assertThat(quarter.high()).isCloseTo(0.925, within(1e-12));
    }

    @Test
    void what_spares_a_share_scales_odds_and_both_ends() {
        Odds half = GOOD.times(0.5);
        assertThat(new double[] {half.probability(), half.low(), half.high()}).containsExactly(new double[] {0.4, 0.3, 0.45}, within(1e-12));
    }

    @Test
    void odds_are_near_only_if_all_three_are() {
        assertThat(GOOD.near(new Odds(0.81, 0.59, 0.91), 0.011)).isTrue();
        assertThat(GOOD.near(new Odds(0.79, 0.61, 0.89), 0.011)).isTrue();
        assertThat(GOOD.near(new Odds(0.82, 0.6, 0.9), 0.011)).isFalse();
        assertThat(GOOD.near(new Odds(0.8, 0.62, 0.9), 0.011)).isFalse();
        assertThat(GOOD.near(new Odds(0.8, 0.6, 0.88), 0.011)).isFalse();
    }

    @Test
    void a_range_of_eight_in_ten_is_that_of_the_normal_distribution() {
        assertThat(Odds.Z_80).isCloseTo(new NormalDistribution().inverseCumulativeProbability((1 + Odds.HELD) / 2), within(1e-12));
    }

    @Test
    void the_range_of_hidden_flaws_holds_what_is_expected_of_them() {
        Odds hidden = Odds.ofHidden(RiskModel.withoutRecords(), Family.HOT_WOOD);
        assertThat(hidden.low()).isLessThan(hidden.probability());
        assertThat(hidden.high()).isGreaterThan(hidden.probability()).isLessThan(0.2);
    }
}
