package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Term;
import brachion.core.trial.Severity;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is said to move a risk adds up to the risk. */
class EffectsTest {

    private static final Recipe PIECE = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(150).steamed();
    private static final RiskModel RISK = risk();

    private static RiskModel risk() {
        LognormalShop shop = new LognormalShop(21).hidden(0.03);
        return RiskModel.fit(shop.trials(150, () -> Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(90 + shop.random().nextInt(300))
                .knots(shop.random().nextInt(4) == 0 ? Knots.IN_BEND : Knots.CLEAR).steamed()
                .withNames(new Names(shop.random().nextBoolean() ? "Ada" : "Bo", "board " + shop.random().nextInt(6), "mill"))));
    }

    private static Map<Term, Double> effects(Recipe recipe) {
        return RISK.effects(FailureMode.TENSION, Possible.known(recipe)).stream().collect(Collectors.toMap(Effect::term, Effect::size));
    }

    /** The margin falls by slope times ln D and by every effect, so what differs between two pieces is in their effects. */
    @Test
    void two_margins_differ_by_what_is_said_of_them() {
        Recipe other = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(110).knots(Knots.IN_BEND).steamed()
                .withNames(new Names("Ada", "board 3", "mill"));
        Recipe named = PIECE.withNames(new Names("Bo", "board 1", "mill"));
        for (Recipe one : List.of(PIECE, named)) {
            double by = RISK.margin(FailureMode.TENSION, Severity.CLEAN, Possible.known(one)).mean()
                    - RISK.margin(FailureMode.TENSION, Severity.CLEAN, Possible.known(other)).mean();
            double asked = RISK.slope(Family.HOT_WOOD, FailureMode.TENSION)
                    * (RISK.load(FailureMode.TENSION, Possible.known(other)) - RISK.load(FailureMode.TENSION, Possible.known(one)));
            assertThat(by).isCloseTo(asked + sum(other) - sum(one), within(1e-6));
        }
        assertThat(effects(other)).containsKeys(Term.KNOTS, Term.PERSON, Term.BOARD, Term.SOURCE, Term.SPECIES);
        assertThat(effects(PIECE)).doesNotContainKeys(Term.KNOTS, Term.PERSON, Term.BOARD);
    }

    private static double sum(Recipe recipe) {
        return effects(recipe).values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** What limits a piece is what is likeliest to break it. */
    @Test
    void the_limiting_mode_has_the_smallest_chance_to_hold() {
        for (Recipe recipe : List.of(PIECE, strapped(PIECE), PIECE.withInnerRadiusMm(60), strapped(PIECE.withInnerRadiusMm(30)))) {
            Possible piece = Possible.known(recipe);
            double tension = RISK.margin(FailureMode.TENSION, Severity.FLAW, piece).probability();
            double compression = RISK.margin(FailureMode.COMPRESSION, Severity.FLAW, piece).probability();
            assertThat(RISK.limiting(piece)).isEqualTo(tension < compression ? FailureMode.TENSION : FailureMode.COMPRESSION);
        }
        assertThat(RISK.limiting(Possible.known(PIECE))).isEqualTo(FailureMode.TENSION);
        assertThat(RISK.limiting(Possible.known(strapped(PIECE.withInnerRadiusMm(30))))).isEqualTo(FailureMode.COMPRESSION);
    }

    private static Recipe strapped(Recipe recipe) {
        return recipe.withMethod(Recipes.ash().steelStrap(1, 0).steamed().method());
    }
}
