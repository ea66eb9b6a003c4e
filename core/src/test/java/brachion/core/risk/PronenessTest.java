package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.Proneness.Sign;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;

/** What hides flaws more often than the rest: knots or wild grain in the bend, and where the board came from. */
class PronenessTest {

    private static final Recipe EASY = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(400).steamed();
    private static final Recipe KNOTTED = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(400).knots(Knots.IN_BEND).steamed();

    private static Recipe from(String source, Recipe recipe) {
        return recipe.withNames(new Names("", "", source));
    }

    /** Bends from easy to hard, a third of them from each of two sources, a quarter with knots. */
    private static RiskModel shop(long seed, int trials, ToDoubleFunction<Recipe> hidden) {
        LognormalShop shop = new LognormalShop(seed).hidden(hidden);
        return RiskModel.fit(shop.trials(trials, () -> {
            Recipe piece = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(90 + shop.random().nextInt(400))
                    .knots(shop.random().nextInt(4) == 0 ? Knots.IN_BEND : Knots.CLEAR).steamed();
            int source = shop.random().nextInt(3);
            return source == 0 ? piece : from(source == 1 ? "mill" : "yard", piece);
        }));
    }

    @Test
    void a_source_whose_boards_hide_flaws_is_found_and_the_others_keep_their_name() {
        RiskModel risk = shop(11, 400, recipe -> recipe.names().source().equals("yard") ? 0.18 : 0.03);
        assertThat(risk.pronenessBySource(Family.HOT_WOOD).get("yard")).isBetween(1.8, 6.0);
        assertThat(risk.pronenessBySource(Family.HOT_WOOD).get("mill")).isBetween(0.2, 1.2);
        assertThat(risk.hidden(from("yard", EASY))).isCloseTo(0.18, within(0.06));
        assertThat(risk.hidden(from("mill", EASY))).isCloseTo(0.03, within(0.03));
        assertThat(risk.holds(Severity.FLAW, Possible.known(from("yard", EASY))))
                .isLessThan(risk.holds(Severity.FLAW, Possible.known(from("mill", EASY))) - 0.05);
    }

    /** The same shop with the sign turned: what hid flaws then does not now. */
    @Test
    void knots_hide_flaws_where_the_records_say_so_and_not_where_they_do_not() {
        RiskModel knotty = shop(12, 400, recipe -> recipe.blank().knots() == Knots.IN_BEND ? 0.2 : 0.02);
        RiskModel clear = shop(12, 400, recipe -> recipe.blank().knots() == Knots.IN_BEND ? 0.02 : 0.1);
        assertThat(knotty.pronenessOfKnots(Family.HOT_WOOD)).isGreaterThan(1.8);
        assertThat(clear.pronenessOfKnots(Family.HOT_WOOD)).isLessThan(0.9);
        assertThat(knotty.hidden(KNOTTED)).isGreaterThan(2 * knotty.hidden(EASY));
    }

    @Test
    void where_nothing_differs_nothing_is_said_to() {
        double knots = 0;
        double yard = 0;
        int shops = 5;
        for (int i = 0; i < shops; i++) {
            RiskModel risk = shop(40 + i, 200, recipe -> 0.04);
            knots += risk.pronenessOfKnots(Family.HOT_WOOD) / shops;
            yard += risk.pronenessBySource(Family.HOT_WOOD).get("yard") / shops;
        }
        assertThat(knots).as("the prior of five is taken down").isBetween(0.7, 3.0);
        assertThat(yard).isCloseTo(1, within(0.3));
        RiskModel tables = RiskModel.withoutRecords();
        assertThat(tables.hidden(from("anywhere", EASY))).isCloseTo(tables.hidden(Family.HOT_WOOD), within(1e-12));
        assertThat(tables.hidden(KNOTTED)).as("before any record").isBetween(4 * tables.hidden(EASY), 5 * tables.hidden(EASY));
        assertThat(tables.hidden(EASY.withBlank(EASY.blank().withGrainRun(5)))).isCloseTo(2 * tables.hidden(EASY), within(1e-12));
    }

    /** Splits along the grain are hidden flaws too. */
    @Test
    void splits_speak_against_the_source_they_came_from() {
        List<Trial> trials = new ArrayList<>(new LognormalShop(8).trials(60, () -> from("mill", EASY)));
        trials.addAll(new LognormalShop(9).trials(60, () -> from("yard", EASY)));
        for (int i = 0; i < 5; i++) {
            trials.add(new Trial(900 + i, from("yard", EASY), Outcome.damaged(Severity.BROKEN, Flaw.GRAIN_SPLIT), OptionalDouble.empty()));
        }
        RiskModel risk = RiskModel.fit(trials);
        assertThat(risk.pronenessBySource(Family.HOT_WOOD).get("yard"))
                .isGreaterThan(1.5 * risk.pronenessBySource(Family.HOT_WOOD).get("mill"));
    }

    /** With the breaks known to be hidden ones, the factor is that of a Poisson rate under its Gamma prior, by hand. */
    @Test
    void a_factor_is_what_was_seen_over_what_was_expected_with_two_of_each_beforehand() {
        List<Sign> signs = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            signs.add(new Sign(KNOTTED, 0.04, i < 6 ? 1 : 0));
            signs.add(new Sign(EASY, 0.04, 0));
        }
        assertThat(Proneness.learned(signs).suspect()).isCloseTo((2 + 6) / (2 + 50 * 0.04), within(1e-12));
        assertThat(Proneness.learned(signs).of(EASY)).isEqualTo(1);
        assertThat(Proneness.learned(List.of())).isEqualTo(Proneness.EVEN);
    }

    /** A tenth more or less is not worth a new fit; eight times is the most that is believed. */
    @Test
    void small_changes_are_let_be_and_no_piece_is_beyond_reason() {
        Proneness one = new Proneness(1.5, Map.of("mill", 1.2));
        assertThat(one.differsFrom(new Proneness(1.5, Map.of("mill", 1.2)))).isFalse();
        assertThat(one.differsFrom(new Proneness(1.5 * 1.09, Map.of("mill", 1.2 / 1.09)))).isFalse();
        assertThat(one.differsFrom(new Proneness(1.5 * 1.12, Map.of("mill", 1.2)))).isTrue();
        assertThat(one.differsFrom(new Proneness(1.5, Map.of("mill", 1.2 / 1.12)))).isTrue();
        assertThat(one.differsFrom(new Proneness(1.5, Map.of()))).as("a source not known before is as usual").isTrue();
        assertThat(new Proneness(6, Map.of("yard", 3.0)).of(from("yard", KNOTTED))).as("five times eight").isEqualTo(40);
        assertThat(new Proneness(0.2, Map.of("yard", 0.3)).of(from("yard", KNOTTED))).isEqualTo(5.0 / 8);
        assertThat(new Proneness(6, Map.of("yard", 3.0)).of(from("yard", EASY))).isEqualTo(3);
        assertThat(RecordLikelihood.hidden(0.1, 8)).as("and no share beyond six in ten").isEqualTo(0.6);
    }
}
