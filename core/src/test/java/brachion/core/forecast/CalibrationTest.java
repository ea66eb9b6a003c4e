package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SimulatedShop;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.stat.interval.ConfidenceInterval;
import org.hipparchus.stat.interval.BinomialProportion;
import org.junit.jupiter.api.Test;

class CalibrationTest {

    private static final List<Trial> SHOP = new SimulatedShop(44, 1.75, 1.2, 6).trials(70);

    private static Calibration of(List<Trial> trials) {
        return Calibration.of(RiskModel.fit(trials), Family.HOT_WOOD);
    }

    /** Ranges are Wilson's, as a general statistics library works them out. */
    @Test
    void each_group_has_the_range_chance_alone_would_give_it() {
        Calibration calibration = of(SHOP);
        assertThat(calibration.bins()).hasSizeGreaterThan(4);
        for (Calibration.Bin bin : calibration.bins()) {
            ConfidenceInterval wilson = BinomialProportion.getWilsonScoreInterval(bin.trials(), (double) Math.round(bin.held() * bin.trials()) / bin.trials(), 0.8);
            assertThat(bin.low()).isCloseTo(wilson.getLowerBound(), within(1e-9));
            assertThat(bin.high()).isCloseTo(wilson.getUpperBound(), within(1e-9));
        }
    }

    @Test
    void groups_are_of_about_equal_size_and_hold_every_record_once() {
        Calibration calibration = of(SHOP);
        assertThat(calibration.bins().stream().mapToInt(Calibration.Bin::trials).sum()).isEqualTo(calibration.trials()).isEqualTo(70);
        assertThat(calibration.bins()).extracting(Calibration.Bin::trials).allSatisfy(trials -> assertThat(trials).isBetween(8, 10));
        assertThat(calibration.bins()).extracting(Calibration.Bin::forecast).isSorted();
    }

    @Test
    void pieces_that_broke_in_a_way_nobody_forecasts_are_counted_apart() {
        List<Trial> trials = new ArrayList<>(SHOP);
        Recipe recipe = Recipes.ash().steamed();
        trials.add(new Trial(901, recipe, Outcome.damaged(Severity.BROKEN, Flaw.GRAIN_SPLIT), OptionalDouble.empty()));
        assertThat(of(trials).unforecast()).isEqualTo(1);
        assertThat(of(trials).trials()).isEqualTo(70);
    }

    /** The base rate costs a little more than the entropy of the share that held, because each record is left out of it. */
    @Test
    void losses_are_worked_out_without_the_record_they_judge() {
        Calibration calibration = of(SHOP);
        assertThat(calibration.logLoss()).isBetween(0.0, Math.log(2));
        double held = SHOP.stream().filter(trial -> trial.outcome().severity() != Severity.BROKEN).count() / 70.0;
        double entropy = -held * Math.log(held) - (1 - held) * Math.log(1 - held);
        assertThat(calibration.baseRateLogLoss()).isBetween(entropy, entropy + 0.05);
        List<Trial> alone = List.of(SHOP.get(0));
        assertThat(of(alone).logLoss()).as("one record, as good as forecast from nothing but the tables")
                .isCloseTo(of(alone).physicsLogLoss(), within(0.03));
    }

    @Test
    void without_records_there_is_nothing_to_compare() {
        Calibration none = of(List.of());
        assertThat(none.trials()).isZero();
        assertThat(none.bins()).isEmpty();
        assertThat(none.logLoss()).isZero();
    }
}
