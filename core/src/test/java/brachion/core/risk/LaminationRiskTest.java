package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Glue;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SoakAdditive;
import brachion.core.method.Springback;
import brachion.core.method.SteamedPlies;
import brachion.core.process.StageKind;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LaminationRiskTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();

    /** National Design Specification: plies of hardwood no thicker than 1/100 of the radius, of softwood 1/125; half of where one in twenty opens. */
    @Test
    void the_glue_line_is_held_against_structural_rules() {
        assertThat(glueRatio(Recipes.ash().thickness(3).radius(300).moisture(9).laminated(6))).isCloseTo(0.5, within(1e-9));
        assertThat(glueRatio(Recipes.ash().species("sitka-spruce").thickness(3).radius(375).moisture(9).laminated(6)))
                .isCloseTo(0.5, within(1e-9));
    }

    /** The same rules keep the wood itself well away from its limit. */
    @Test
    void plies_within_structural_rules_ask_little_of_the_wood() {
        Recipe allowed = Recipes.ash().thickness(3).radius(300).moisture(9).laminated(6);
        assertThat(allowed.demand().tensionRatio()).isLessThan(0.7);
    }

    private static double glueRatio(Recipe recipe) {
        return TABLES.ratio(FailureMode.GLUE_LINE, Possible.known(recipe));
    }

    /** Plies of 3 mm that would open from 300 mm by themselves as computed: only that share of their curve is left for the glue. */
    @Test
    void plies_that_were_set_before_pull_at_the_glue_by_what_they_spring_back() {
        Recipe set = steamedPlies(3, 150);
        Springback alone = new Springback(set.demand().section().elasticShare(set.demand().state(), 12), Optional.of(24.0));
        assertThat(glueRatio(set)).isCloseTo(50 * 3.0 / 150 * (1 - Math.exp(-alone.logOpening())), within(1e-9));
        assertThat(glueRatio(set)).isLessThan(0.4 * glueRatio(Recipes.ash().thickness(3).radius(150).moisture(9).laminated(6)));
        assertThat(glueRatio(steamedPlies(3, 100))).isGreaterThan(glueRatio(set));
    }

    private static Recipe steamedPlies(double ply, double radius) {
        Recipe solid = Recipes.ash().moisture(14).thickness(ply).radius(radius).steamed();
        return solid.withMethod(new SteamedPlies(new Handling(0, SoakAdditive.NONE, 15, Optional.empty(), OptionalDouble.of(24)),
                new Heating(StageKind.STEAM_BOX, 30, 98), Glue.PVA, 6));
    }

    @Test
    void gaps_of_plies_that_were_set_tell_of_their_glue_and_nothing_of_solid_stock() {
        Recipe set = steamedPlies(3, 150);
        Recipe solid = Recipes.ash().moisture(14).thickness(12).radius(150).steamed();
        List<Trial> opened = Collections.nCopies(6, new Trial(set, Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP)));
        RiskModel risk = RiskModel.fit(opened);
        assertThat(TABLES.modes(set)).containsExactly(FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE);
        assertThat(TABLES.modes(solid)).containsExactly(FailureMode.TENSION, FailureMode.COMPRESSION);
        assertThat(holds(risk, FailureMode.GLUE_LINE, set)).isLessThan(holds(TABLES, FailureMode.GLUE_LINE, set));
        assertThat(risk.hidden(Family.HOT_WOOD)).as("a gap hides no flaw of the wood").isLessThanOrEqualTo(TABLES.hidden(Family.HOT_WOOD));
        assertThat(risk.holds(Severity.FLAW, Possible.known(solid))).isGreaterThanOrEqualTo(TABLES.holds(Severity.FLAW, Possible.known(solid)));
        assertThat(risk.with(new Trial(solid, Outcome.clean())).trials()).isEqualTo(7);
        assertThat(risk.leaveOneOut(Family.HOT_WOOD, Severity.FLAW)).hasSize(6);
    }

    @Test
    void steamed_stock_has_no_glue_line() {
        for (Family family : Family.values()) {
            assertThat(family.modes()).as("%s says what it forecasts", family).extracting(ModeRisk::mode).containsExactlyElementsOf(family.forecast());
        }
        assertThat(TABLES.modes(Recipes.ash().steamed())).containsExactly(FailureMode.TENSION, FailureMode.COMPRESSION);
        assertThat(TABLES.modes(Family.COLD_PLIES))
                .containsExactly(FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE);
    }

    @Test
    void plies_that_opened_count_against_the_glue_line_and_for_the_wood() {
        Recipe recipe = Recipes.ash().thickness(3).radius(300).moisture(9).laminated(6);
        List<Trial> opened = Collections.nCopies(6, new Trial(recipe, Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP)));
        RiskModel risk = RiskModel.fit(opened);
        assertThat(holds(risk, FailureMode.GLUE_LINE, recipe)).isLessThan(holds(TABLES, FailureMode.GLUE_LINE, recipe));
        assertThat(holds(risk, FailureMode.TENSION, recipe)).isGreaterThan(holds(TABLES, FailureMode.TENSION, recipe));
    }

    private static double holds(RiskModel risk, FailureMode mode, Recipe recipe) {
        return risk.margin(mode, Severity.FLAW, Possible.known(recipe)).probability();
    }
}
