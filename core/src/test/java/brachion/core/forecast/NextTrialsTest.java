package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.NextTrials.TellingTrial;
import brachion.core.method.FailureMode;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.Margin;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How unsure the odds are, and what a trial would take of it, beside the slope of the odds found by moving the margins. */
class NextTrialsTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Recipe TARGET = Recipes.ash().thickness(16).radius(200).moisture(14).steamed();
    private static final Recipe OTHER = Recipes.ash().thickness(22).radius(330).moisture(14).steamed();

    private static List<TellingTrial> trials(Recipe... others) {
        return NextTrials.of(TABLES, TARGET, List.of(others), new Marks(5, 0.5)).trials();
    }

    /** The odds are a share times the product of the chances of the modes, each a curve over its margin. */
    private static double slope(Recipe recipe, FailureMode moved) {
        Possible piece = Possible.typical(recipe);
        double step = 1e-4;
        double[] odds = new double[2];
        for (int side = 0; side < 2; side++) {
            odds[side] = TABLES.holds(Severity.FLAW, piece);
            Margin margin = TABLES.margin(moved, Severity.FLAW, piece);
            double logOdds = Math.log(margin.probability() / (1 - margin.probability())) + (side == 0 ? -step : step);
            odds[side] *= 1 / (1 + Math.exp(-logOdds)) / margin.probability();
        }
        return (odds[1] - odds[0]) / (2 * step);
    }

    private static double variance(Recipe recipe) {
        return TABLES.modes(recipe).stream().mapToDouble(mode -> Math.pow(slope(recipe, mode) * TABLES.margin(mode, Severity.FLAW, Possible.typical(recipe)).sd(), 2)).sum();
    }

    @Test
    void the_spread_now_is_that_of_all_bends_that_matter() {
        assertThat(trials()).hasSize(5).allSatisfy(each -> assertThat(each.spreadNow()).isCloseTo(Math.sqrt(variance(TARGET)), within(1e-6)));
        assertThat(trials(OTHER).get(0).spreadNow()).isCloseTo(Math.sqrt(variance(TARGET) + variance(OTHER)), within(1e-6));
        assertThat(trials(Recipes.ash().thickness(16).radius(200).laminated(8))).as("another way says nothing of this one").isEqualTo(trials());
    }

    @Test
    void three_quarters_of_what_a_trial_would_take_are_promised() {
        for (TellingTrial each : trials()) {
            Possible tried = Possible.typical(each.recipe());
            double removed = TABLES.modes(TARGET).stream().mapToDouble(mode -> Math.pow(slope(TARGET, mode), 2)
                    * TABLES.varianceReduction(mode, Severity.FLAW, Possible.typical(TARGET), tried)).sum();
            assertThat(each.spreadThen()).isCloseTo(Math.sqrt(variance(TARGET) - 0.75 * removed), within(1e-6)).isLessThan(each.spreadNow());
            assertThat(each.unbroken()).isEqualTo(new Forecaster(TABLES).unbroken(each.recipe()));
        }
        assertThat(trials()).isSortedAccordingTo(Comparator.comparingDouble(TellingTrial::spreadThen));
    }
}
