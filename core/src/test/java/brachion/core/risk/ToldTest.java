package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToldTest {

    /** What a normal measurement makes of a normal belief. */
    private static Told told(double measured, double error, Margin before) {
        double known = 1 / (before.sd() * before.sd());
        double added = 1 / (error * error);
        double knows = known + added;
        return Told.between(before, new Margin((known * before.mean() + added * measured) / knows, Math.sqrt(1 / knows)));
    }

    @ParameterizedTest
    @CsvSource({"0.4, 0.3, 0, 0.7", "-1.2, 0.8, 0.3, 0.5", "0.1, 5, -0.3, 0.5"})
    void what_was_measured_comes_out_again_whatever_was_believed_before(double measured, double error, double expected, double before) {
        Told told = told(measured, error, new Margin(expected, before));
        assertThat(told.score() / told.information()).isCloseTo(measured, within(1e-9));
        assertThat(1 / Math.sqrt(told.information())).isCloseTo(error, within(1e-9 * error));
        assertThat(told.above()).isEqualTo(measured > 0);
    }

    @Test
    void where_nothing_was_added_nothing_is_told() {
        Margin believed = new Margin(-0.3, 0.5);
        assertThat(Told.between(believed, believed)).isEqualTo(Told.NOTHING);
        assertThat(Told.between(believed, new Margin(-0.31, 0.52))).as("less sure than before").isEqualTo(Told.NOTHING);
    }

    @Test
    void worlds_are_taken_together_by_their_weights() {
        Told even = new Told(2, 4).times(0.25).plus(new Told(-6, 8).times(0.75));
        assertThat(even).isEqualTo(new Told(-4, 7));
    }
}
