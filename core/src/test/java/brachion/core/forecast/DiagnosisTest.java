package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.method.Change;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SteamBox;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
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
