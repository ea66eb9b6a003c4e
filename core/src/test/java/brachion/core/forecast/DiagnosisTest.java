package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Change;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SteamBox;
import brachion.core.method.Term;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What was behind a flaw: what a bench would say of a piece that has one thing wrong with it. */
class DiagnosisTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Marks MARKS = new Marks(5, 0.5);

    private static Diagnosis of(Recipe recipe, Flaw seen) {
        return Diagnosis.of(TABLES, recipe, recipe, seen, MARKS);
    }

    private static Cause first(Recipe recipe, Flaw seen) {
        return of(recipe, seen).likely().get(0).cause();
    }

    private static Recipes fair() {
        return Recipes.ash().moisture(22).thickness(10).radius(250);
    }

    @Test
    void a_splinter_in_sloping_grain_is_run_out_and_one_after_a_long_carry_has_cooled() {
        assertThat(first(fair().grainRun(4).steamed(), Flaw.OUTER_SPLINTER)).isEqualTo(Cause.RUN_OUT);
        assertThat(first(fair().thickness(6).grainRun(60).carry(90).steamed(), Flaw.OUTER_SPLINTER)).isEqualTo(Cause.COOLED);
    }

    @Test
    void a_clean_snap_of_dry_stock_is_dry_wood_and_a_soak_is_the_change() {
        Diagnosis.Likely likely = of(fair().moisture(7).thickness(16).steamed(), Flaw.SNAP).likely().get(0);
        assertThat(likely.cause()).isEqualTo(Cause.DRY);
        assertThat(likely.next().orElseThrow().change().kind()).isIn(Change.Kind.SOAK, Change.Kind.WETTER_STOCK);
        assertThat(likely.next().orElseThrow().unbroken().probability())
                .isGreaterThan(of(fair().moisture(7).thickness(16).steamed(), Flaw.SNAP).now().probability());
    }

    /** A piece pulled after a minute of the planned half hour is told to be left in for that, not for twice a minute. */
    @Test
    void what_was_done_otherwise_than_planned_is_to_be_done_as_planned() {
        Recipe planned = fair().thickness(16).steamed();
        SteamBox box = (SteamBox) planned.method();
        Recipe hasty = planned.withMethod(new SteamBox(0, 1, 98, box.carrySeconds(), Optional.empty()));
        Diagnosis.Likely cold = Diagnosis.of(TABLES, hasty, planned, Flaw.SNAP, MARKS).likely().get(0);
        assertThat(cold.cause()).isEqualTo(Cause.COLD);
        assertThat(cold.next().orElseThrow().change().kind()).isEqualTo(Change.Kind.AS_PLANNED);
        assertThat(cold.next().orElseThrow().recipe()).isEqualTo(planned);
        assertThat(Diagnosis.of(TABLES, hasty, hasty, Flaw.SNAP, MARKS).likely().get(0).next().orElseThrow().change().kind()).isEqualTo(Change.Kind.STEAM_LONGER);
        Recipe slow = planned.withMethod(new SteamBox(0, 60, 98, 200, Optional.empty()));
        assertThat(Diagnosis.of(TABLES, slow, planned, Flaw.SNAP, MARKS).likely()).filteredOn(likely -> likely.cause() == Cause.DRY)
                .allMatch(likely -> likely.next().filter(next -> next.change().kind() == Change.Kind.AS_PLANNED).isEmpty());
    }

    @Test
    void a_knot_in_the_bend_speaks_for_itself() {
        assertThat(of(fair().knots(Knots.IN_BEND).steamed(), Flaw.SNAP).likely()).extracting(Diagnosis.Likely::cause).contains(Cause.KNOT);
        assertThat(of(fair().steamed(), Flaw.SNAP).likely()).extracting(Diagnosis.Likely::cause).doesNotContain(Cause.KNOT);
    }

    @ParameterizedTest
    @EnumSource
    void every_flaw_says_something_in_every_family(Flaw flaw) {
        for (Recipe recipe : new Recipe[] {fair().steamed(), fair().thickness(2).laminated(6)}) {
            Diagnosis diagnosis = of(recipe, flaw);
            assertThat(diagnosis.likely()).isNotEmpty().hasSizeLessThanOrEqualTo(3)
                    .allSatisfy(likely -> assertThat(likely.share()).isBetween(0.08, 1.0))
                    .isSortedAccordingTo((a, b) -> Double.compare(b.share(), a.share()));
            assertThat(diagnosis.now().probability()).isBetween(0.0, 1.0);
        }
        assertThat(Finding.of(flaw, Family.PLATES)).extracting(Finding::cause).doesNotHaveDuplicates();
    }

    /** The weights of a snap worked out once more: what it says by itself, what the forecast adds, and how often such stock hides a flaw. */
    @Test
    void a_snap_is_divided_among_its_causes_as_the_forecast_of_the_piece_speaks_for_them() {
        Recipe gentle = fair().thickness(6).radius(500).steamed();
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            trials.add(new Trial(i + 1L, gentle, i % 4 == 0 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean(), OptionalDouble.empty()));
        }
        RiskModel risk = RiskModel.fit(trials);
        Recipe piece = fair().moisture(9).thickness(12).radius(140).steamed();
        Map<Term, Double> adds = Reasons.of(risk, FailureMode.TENSION, Possible.typical(piece)).stream().collect(Collectors.toMap(Reason::cause, Reason::size, Double::sum));
        Map<Cause, Double> weights = new EnumMap<>(Map.of(Cause.BRASH, risk.hidden(piece) / 0.02, Cause.DRY, 3 * exp(adds, Term.DRY_WOOD), Cause.COLD, 3 * exp(adds, Term.TOO_LITTLE_HEAT),
                Cause.AT_THE_LIMIT, 2 * exp(adds, Term.CURVE), Cause.COOLED, exp(adds, Term.CARRY), Cause.KNOT, Math.exp(-2)));
        double all = weights.values().stream().mapToDouble(weight -> weight).sum();
        Diagnosis diagnosis = Diagnosis.of(risk, piece, piece, Flaw.SNAP, MARKS);
        assertThat(diagnosis.likely()).extracting(Diagnosis.Likely::cause).as("stock that hides flaws has them").contains(Cause.BRASH, Cause.DRY);
        assertThat(diagnosis.likely()).allSatisfy(likely -> assertThat(likely.share()).isCloseTo(weights.get(likely.cause()) / all, within(1e-9)));
    }

    private static double exp(Map<Term, Double> adds, Term term) {
        return Math.exp(Math.max(-2, Math.min(3, adds.getOrDefault(term, -2.0))));
    }

    /** No mode of breaking speaks of plies that crept, so the causes keep the weights they have by themselves. */
    @Test
    void a_flaw_the_forecast_knows_nothing_of_leaves_its_causes_as_they_are() {
        assertThat(of(fair().thickness(2).laminated(6), Flaw.PLIES_CREPT).likely()).extracting(Diagnosis.Likely::cause, Diagnosis.Likely::share)
                .containsExactly(tuple(Cause.CLAMPED_UNEVENLY, 0.6), tuple(Cause.MANY_PLIES, 0.4));
    }

    /** Of several changes that help against a cause the one that is surest to is named. */
    @Test
    void the_change_that_helps_most_is_the_one_that_is_named() {
        Recipe dry = fair().moisture(7).thickness(16).steamed();
        Diagnosis.Likely likely = of(dry, Flaw.SNAP).likely().get(0);
        double named = likely.next().orElseThrow().unbroken().cautious();
        assertThat(Change.of(dry, MARKS)).filteredOn(change -> likely.cause().changes().contains(change.kind())).hasSizeGreaterThan(1)
                .allSatisfy(change -> assertThat(new Forecaster(TABLES).unbroken(change.on().apply(dry)).cautious()).isLessThanOrEqualTo(named));
    }

    /** A cause that nothing seen leads to would never be said. */
    @Test
    void every_cause_is_behind_some_flaw() {
        Set<Cause> said = EnumSet.noneOf(Cause.class);
        for (Flaw flaw : Flaw.values()) {
            Finding.of(flaw, Family.PLATES).forEach(finding -> said.add(finding.cause()));
        }
        assertThat(said).containsExactlyInAnyOrder(Cause.values());
        double shares = of(fair().steamed(), Flaw.STUCK_TO_FORM).likely().stream().mapToDouble(Diagnosis.Likely::share).sum();
        assertThat(shares).isCloseTo(1, within(1e-9));
    }
}
