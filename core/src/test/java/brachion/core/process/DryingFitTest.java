package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class DryingFitTest {

    private static final Piece HALF_INCH = new Piece(0.55, 12, 30, 22, 18);

    @Test
    void without_weigh_ins_the_date_is_a_guess_with_a_wide_range() {
        DryingForecast guess = fit(List.of());
        assertThat(guess.pace().middle()).isCloseTo(1, within(0.05));
        double spread = guess.below10().latest().orElseThrow() / guess.below10().earliest().orElseThrow();
        assertThat(spread).isGreaterThan(1.8);
        assertThat(guess.below8().middle().orElseThrow()).isGreaterThan(guess.below10().middle().orElseThrow());
    }

    /** Readings taken from a piece simulated with a known pace, which the fit is not told. */
    @Test
    void weigh_ins_find_the_pace_of_the_board_and_narrow_the_date() {
        double truth = 0.6;
        List<WeighIn> readings = new ArrayList<>();
        ProcessSimulation slow = new ProcessSimulation(HALF_INCH, Physics.USUAL.withWaterUptake(truth));
        double[] noise = {0.3, -0.4, 0.1, 0.2, -0.2};
        for (int visit = 0; visit < noise.length; visit++) {
            double moisture = slow.run(new Stage(StageKind.RACK, 2 * 86_400, 18, 18, 0.35)).meanMoisturePercent();
            readings.add(WeighIn.byScale(2 * (visit + 1), moisture + noise[visit]));
        }
        DryingForecast fitted = fit(readings);
        DryingForecast guess = fit(List.of());
        assertThat(fitted.pace().low()).isLessThan(truth);
        assertThat(fitted.pace().high()).isGreaterThan(truth);
        assertThat(fitted.pace().middle()).isCloseTo(truth, within(0.12));
        assertThat(fitted.below10().middle().orElseThrow()).isGreaterThan(guess.below10().middle().orElseThrow());
        assertThat(range(fitted)).isLessThan(range(guess));
        Collections.reverse(readings);
        assertThat(fit(readings).pace().middle()).isCloseTo(fitted.pace().middle(), within(1e-9));
    }

    private static double range(DryingForecast forecast) {
        return forecast.below10().latest().orElseThrow() / forecast.below10().earliest().orElseThrow();
    }

    @Test
    void damp_air_is_said_never_to_dry_it() {
        DryingForecast damp = new DryingFit(HALF_INCH, 18, 0.70, List.of()).forecast();
        assertThat(damp.below10().middle()).isEmpty();
        assertThat(damp.curve()).last().satisfies(day -> assertThat(day.moisturePercent().middle()).isGreaterThan(12));
    }

    @Test
    void the_band_holds_the_curve_and_the_curve_falls() {
        List<DryingForecast.DryingDay> curve = fit(List.of(WeighIn.byMeter(3, 17))).curve();
        assertThat(curve).allSatisfy(day -> assertThat(day.moisturePercent().middle())
                .isBetween(day.moisturePercent().low() - 1e-9, day.moisturePercent().high() + 1e-9));
        assertThat(curve).map(day -> -day.moisturePercent().middle()).isSorted();
    }

    @Test
    void a_reading_before_the_start_is_refused() {
        assertThatThrownBy(() -> WeighIn.byMeter(-1, 12)).hasMessageContaining("-1");
    }

    private static DryingForecast fit(List<WeighIn> readings) {
        return new DryingFit(HALF_INCH, 18, 0.35, readings).forecast();
    }
}
