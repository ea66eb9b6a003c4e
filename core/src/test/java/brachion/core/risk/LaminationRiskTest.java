package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class LaminationRiskTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();

    /** National Design Specification: plies of hardwood no thicker than 1/100 of the radius, of softwood 1/125. */
    @Test
    void the_glue_line_is_held_against_structural_rules() {
        assertThat(glueRatio(Recipes.ash().thickness(3).radius(300).moisture(9).laminated(6))).isCloseTo(1, within(1e-9));
        assertThat(glueRatio(Recipes.ash().species("sitka-spruce").thickness(3).radius(375).moisture(9).laminated(6)))
                .isCloseTo(1, within(1e-9));
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

    @Test
    void steamed_stock_has_no_glue_line() {
        for (Family family : Family.values()) {
            assertThat(family.modes()).as("%s says what it forecasts", family).extracting(ModeRisk::mode).containsExactlyElementsOf(family.forecast());
        }
        assertThat(TABLES.modes(Family.HOT_WOOD)).containsExactly(FailureMode.TENSION, FailureMode.COMPRESSION);
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
