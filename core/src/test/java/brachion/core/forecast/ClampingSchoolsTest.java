package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Clamping;
import brachion.core.method.Clamping.Force;
import brachion.core.method.Clamping.Order;
import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** How stacks are clamped is asked of the records alone. */
class ClampingSchoolsTest {

    private static Recipe stack(Optional<Order> order, Optional<Force> force) {
        return Recipes.ash().moisture(8).thickness(2).laminated(6).withMethod(new ColdLamination(Glue.PVA, 6, new Clamping(order, force, Optional.empty())));
    }

    private static Stream<Trial> ended(Recipe recipe, int held, int gaping) {
        return Stream.concat(IntStream.range(0, held).mapToObj(i -> new Trial(recipe, Outcome.clean())),
                IntStream.range(0, gaping).mapToObj(i -> new Trial(recipe, Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP))));
    }

    private static RuleEvidence tipped(List<Trial> trials, Rule rule) {
        return RuleEvidence.of(RiskModel.fit(trials)).stream().filter(each -> each.rule() == rule).findFirst().orElseThrow();
    }

    @Test
    void stacks_that_hold_from_the_middle_and_gape_from_the_tight_end_speak_for_the_middle() {
        List<Trial> trials = new ArrayList<>(Stream.concat(ended(stack(Optional.of(Order.FROM_THE_MIDDLE), Optional.empty()), 14, 1),
                ended(stack(Optional.of(Order.FROM_THE_TIGHT_END), Optional.empty()), 6, 9)).toList());
        RuleEvidence order = tipped(trials, Rule.CLAMP_ORDER);
        assertThat(order.tip()).isGreaterThan(0.75);
        assertThat(order.effect()).isPositive();
        assertThat(order.trials()).isEqualTo(30);
        assertThat(tipped(trials, Rule.CLAMP_FORCE).tip()).as("nobody said how hard").isCloseTo(0.5, within(1e-6));
        trials.addAll(ended(stack(Optional.empty(), Optional.empty()), 20, 0).toList());
        assertThat(tipped(trials, Rule.CLAMP_ORDER).trials()).as("those of which nobody said have no say").isEqualTo(30);
        double before = new Forecaster(RiskModel.fit(trials)).forecast(stack(Optional.of(Order.FROM_THE_TIGHT_END), Optional.empty())).unbroken().probability();
        double after = new Forecaster(RiskModel.fit(trials)).forecast(stack(Optional.of(Order.FROM_THE_MIDDLE), Optional.empty())).unbroken().probability();
        assertThat(after).isGreaterThan(before);
    }

    @Test
    void plies_that_splinter_without_a_sheet_behind_them_speak_for_one() {
        List<Trial> trials = Stream.concat(splintered(behind(Clamping.Backing.PLASTIC_SHEET), 15, 0), splintered(behind(Clamping.Backing.NOTHING), 8, 7)).toList();
        RuleEvidence sheet = tipped(trials, Rule.BACKING_SHEET);
        assertThat(sheet.tip()).isGreaterThan(0.75);
        assertThat(sheet.trials()).isEqualTo(15);
        List<Trial> other = Stream.concat(splintered(behind(Clamping.Backing.METAL_SHEET), 8, 7), splintered(behind(Clamping.Backing.NOTHING), 15, 0)).toList();
        assertThat(tipped(other, Rule.BACKING_SHEET).tip()).isLessThan(0.25);
    }

    private static Recipe behind(Clamping.Backing backing) {
        return Recipes.ash().moisture(8).thickness(3).radius(80).laminated(6)
                .withMethod(new ColdLamination(Glue.PVA, 6, new Clamping(Optional.empty(), Optional.empty(), Optional.of(backing))));
    }

    private static Stream<Trial> splintered(Recipe recipe, int held, int torn) {
        return Stream.concat(ended(recipe, held, 0), IntStream.range(0, torn).mapToObj(i -> new Trial(recipe, Outcome.damaged(Severity.BROKEN, Flaw.OUTER_SPLINTER))));
    }

    @Test
    void the_other_way_round_they_speak_for_the_other() {
        List<Trial> trials = Stream.concat(ended(stack(Optional.empty(), Optional.of(Force.TIGHT)), 5, 10),
                ended(stack(Optional.empty(), Optional.of(Force.FIRM)), 15, 0)).toList();
        RuleEvidence force = tipped(trials, Rule.CLAMP_FORCE);
        assertThat(force.tip()).isLessThan(0.25);
        assertThat(force.trials()).isEqualTo(30);
    }
}
