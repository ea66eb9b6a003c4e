package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RiskModelTest {

    private static final Recipe AT_LIMIT =
            Recipes.ash().moisture(22).grainRun(1000).thickness(25).radius(330).steamed();

    @Test
    void a_clean_piece_speaks_of_every_mode() {
        for (FailureMode mode : FailureMode.values()) {
            assertThat(Outcome.clean().severityOf(mode)).isEqualTo(OptionalInt.of(0));
        }
    }

    @Test
    void a_piece_that_snapped_says_nothing_of_the_inner_face() {
        Outcome snapped = Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        assertThat(snapped.severityOf(FailureMode.TENSION)).isEqualTo(OptionalInt.of(2));
        assertThat(snapped.severityOf(FailureMode.COMPRESSION)).isEmpty();
    }

    @Test
    void a_crease_that_can_be_mended_shows_that_the_outer_face_held() {
        Outcome creased = Outcome.damaged(Severity.FLAW, Flaw.INNER_CREASE);
        assertThat(creased.severityOf(FailureMode.COMPRESSION)).isEqualTo(OptionalInt.of(1));
        assertThat(creased.severityOf(FailureMode.TENSION)).isEqualTo(OptionalInt.of(0));
    }

    @Test
    void plies_that_came_apart_were_bent_all_the_way() {
        assertThat(Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP).severityOf(FailureMode.TENSION)).hasValue(0);
        assertThat(Outcome.damaged(Severity.BROKEN, Flaw.GRAIN_SPLIT).severityOf(FailureMode.TENSION)).isEmpty();
    }

    @Test
    void contradictory_outcomes_are_refused() {
        assertThatThrownBy(() -> new Outcome(Severity.CLEAN, Optional.of(Flaw.SNAP))).hasMessageContaining("clean");
        assertThatThrownBy(() -> new Outcome(Severity.BROKEN, Optional.empty())).hasMessageContaining("what was seen");
    }

    @Test
    void the_order_of_the_records_changes_nothing() {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            Recipe recipe = Recipes.ash().thickness(6 + i).steamed();
            trials.add(new Trial(recipe, i % 4 == 0 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean()));
        }
        Margin before = tension(RiskModel.fit(trials));
        Collections.shuffle(trials, new Random(3));
        assertThat(tension(RiskModel.fit(trials))).isEqualTo(before);
    }

    @Test
    void one_more_record_moves_the_fit_its_way() {
        double alone = tension(RiskModel.withoutRecords()).mean();
        double afterGood = tension(RiskModel.fit(List.of(new Trial(AT_LIMIT, Outcome.clean())))).mean();
        double afterBad = tension(RiskModel.fit(
                List.of(new Trial(AT_LIMIT, Outcome.damaged(Severity.BROKEN, Flaw.SNAP))))).mean();
        assertThat(afterGood).isGreaterThan(alone);
        assertThat(afterBad).isLessThan(alone);
    }

    @Test
    void laminations_say_nothing_of_steaming() {
        Recipe ply = Recipes.ash().thickness(3).moisture(9).laminated(5);
        RiskModel fitted = RiskModel.fit(List.of(new Trial(ply, Outcome.damaged(Severity.BROKEN, Flaw.SNAP))));
        assertThat(tension(fitted)).isEqualTo(tension(RiskModel.withoutRecords()));
        assertThat(fitted.trials(Family.HOT_WOOD)).isZero();
        assertThat(fitted.trials(Family.COLD_PLIES)).isEqualTo(1);
    }

    @Test
    void what_nobody_measured_is_spread_over_what_it_could_be() {
        List<Possible> possible = Possible.of(Recipes.ash().steamedUnmeasured(Seasoning.KILN_DRIED));
        double weight = possible.stream().mapToDouble(Possible::weight).sum();
        double mean = possible.stream()
                .mapToDouble(p -> p.weight() * p.recipe().blank().moisturePercent().orElseThrow()).sum();
        double square = possible.stream().mapToDouble(p ->
                p.weight() * Math.pow(p.recipe().blank().moisturePercent().orElseThrow() - 8, 2)).sum();
        assertThat(weight).isCloseTo(1, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(mean).isCloseTo(8, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(Math.sqrt(square)).isCloseTo(1.5, org.assertj.core.api.Assertions.within(1e-9));
        
    }

    /** A meter's reading is off by 2 points, one time in three. */
    @Test
    void a_reading_is_spread_by_what_a_meter_is_off() {
        List<Possible> possible = Possible.of(AT_LIMIT);
        double square = possible.stream().mapToDouble(p ->
                p.weight() * Math.pow(p.recipe().blank().moisturePercent().orElseThrow() - 22, 2)).sum();
        assertThat(Math.sqrt(square)).isCloseTo(2, org.assertj.core.api.Assertions.within(1e-9));
    }

    private static Margin tension(RiskModel model) {
        return model.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(AT_LIMIT));
    }
}
