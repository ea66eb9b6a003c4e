package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A fit that is made again of where its searches ended says what it said, and never anything it should not. */
class FoundModeTest {

    private static final List<Trial> TRIALS = OneMoreRecordTest.shop(300);
    private static final RiskModel FITTED = RiskModel.fit(TRIALS);

    private static RiskModel again(List<Trial> trials, List<FoundMode> found) {
        return RiskModel.again(trials, trial -> Optional.empty(), found);
    }

    private static double holds(RiskModel model, Recipe recipe) {
        return model.holds(Severity.CLEAN, Possible.known(recipe));
    }

    private static List<Recipe> pieces() {
        return FITTED.records(Family.HOT_WOOD).stream().limit(40).map(RiskModel.Held::piece).toList();
    }

    @Test
    void a_fit_made_again_says_what_it_said() {
        RiskModel again = again(TRIALS, FITTED.found());
        for (Recipe piece : pieces()) {
            assertThat(holds(again, piece)).as("to the last digit").isEqualTo(holds(FITTED, piece));
        }
        assertThat(again.hidden(Family.HOT_WOOD)).isEqualTo(FITTED.hidden(Family.HOT_WOOD));
        assertThat(again.pronenessBySource(Family.HOT_WOOD)).isEqualTo(FITTED.pronenessBySource(Family.HOT_WOOD));
    }

    @Test
    void it_goes_where_it_is_told_and_does_not_search() {
        List<FoundMode> moved = FITTED.found().stream().map(each -> each.family() != Family.HOT_WOOD || each.mode() != FailureMode.TENSION ? each
                : new FoundMode(each.family(), each.mode(), each.groups(), each.suspect(), each.sources(), each.shares().stream().map(share ->
                        new FoundMode.Share(share.weight(), share.hidden(), share.mode(), raised(share.mean()), share.logEvidence())).toList())).toList();
        Recipe piece = pieces().get(0);
        assertThat(holds(again(TRIALS, moved), piece)).isGreaterThan(holds(FITTED, piece) + 0.01);
    }

    /** As if everything held a little better. */
    private static double[] raised(double[] mean) {
        double[] raised = mean.clone();
        raised[0] += 1;
        return raised;
    }

    @Test
    void what_was_found_among_other_records_is_sought_anew() {
        List<Trial> other = new ArrayList<>(TRIALS.subList(0, 200));
        RiskModel anew = RiskModel.fit(other);
        RiskModel again = again(other, FITTED.found());
        for (Recipe piece : pieces()) {
            assertThat(holds(again, piece)).isCloseTo(holds(anew, piece), within(1e-9));
        }
    }

    @Test
    void what_is_no_mode_is_sought_anew() {
        List<FoundMode> spoilt = FITTED.found().stream().map(each -> new FoundMode(each.family(), each.mode(), each.groups(), each.suspect(), each.sources(),
                each.shares().stream().map(share -> new FoundMode.Share(share.weight(), share.hidden(), raised(share.mode()), share.mean(), share.logEvidence())).toList())).toList();
        RiskModel again = again(TRIALS, spoilt);
        for (Recipe piece : pieces()) {
            assertThat(holds(again, piece)).isCloseTo(holds(FITTED, piece), within(1e-9));
        }
    }
}
