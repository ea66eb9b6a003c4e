package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What would have been forecast before a piece was bent: later records, and its own, are not there. */
class BeforehandTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 3, 1);
    private static final Recipe BEND = Recipes.ash().thickness(20).radius(220).steamed();

    /** Broken in spring, clean in summer. */
    private static List<Trial> year() {
        List<Trial> year = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            Outcome outcome = i < 20 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean();
            year.add(new Trial(100 + i, BEND, outcome, i < 20 ? OptionalDouble.empty() : OptionalDouble.of(230), Optional.of(FIRST.plusDays(3L * i))));
        }
        return year;
    }

    private static double odds(RiskModel risk) {
        return risk.holds(Severity.FLAW, Possible.known(BEND));
    }

    @Test
    void it_is_the_fit_of_the_records_there_were() {
        List<Trial> year = year();
        RiskModel all = RiskModel.fit(year);
        RiskModel then = RiskModel.fit(year.subList(0, 20));
        assertThat(odds(all.before(year.get(20)))).isCloseTo(odds(then), within(1e-6));
        assertThat(odds(all.before(year.get(20)))).isLessThan(odds(all) - 0.1);
        assertThat(odds(all.before(year.get(0)))).isCloseTo(odds(RiskModel.withoutRecords()), within(1e-9));
        assertThat(all.before(year.get(30)).springback().measured()).as("springback, too").isEqualTo(10);
    }

    @Test
    void pieces_of_one_day_came_one_after_another() {
        List<Trial> oneDay = year().stream().map(trial -> new Trial(trial.id(), trial.recipe(), trial.outcome(), trial.releasedRadiusMm(), Optional.of(FIRST))).toList();
        assertThat(RiskModel.fit(oneDay).before(oneDay.get(5)).trials()).isEqualTo(5);
        Trial ofNoDay = new Trial(105, BEND, Outcome.clean(), OptionalDouble.empty());
        assertThat(RiskModel.fit(oneDay).before(ofNoDay).trials()).as("by its key").isEqualTo(5);
    }
}
