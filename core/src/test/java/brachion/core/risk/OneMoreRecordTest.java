package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

/** A fit with one record more, beside a fit of all of them anew. */
class OneMoreRecordTest {

    private static final Recipe TARGET = Recipes.ash().moisture(18).grainRun(20).thickness(10).radius(130).steamed();

    private static Supplier<Recipe> bends(LognormalShop shop, String hands) {
        return () -> Recipes.ash().moisture(12 + shop.random().nextInt(14)).grainRun(20).thickness(6 + shop.random().nextInt(12))
                .radius(70 + shop.random().nextInt(200)).steamed()
                .withNames(new Names(hands, "board " + shop.random().nextInt(30), shop.random().nextBoolean() ? "mill" : "yard"));
    }

    static List<Trial> shop(int trials) {
        LognormalShop shop = new LognormalShop(77).hidden(0.04);
        return shop.trials(trials, bends(shop, "A"));
    }

    private static double odds(RiskModel risk, Recipe target) {
        return risk.holds(Severity.FLAW, Possible.known(target));
    }

    private static void nearly(RiskModel quick, RiskModel anew, double room) {
        for (Recipe target : List.of(TARGET, TARGET.withInnerRadiusMm(400), TARGET.withInnerRadiusMm(70),
                TARGET.withNames(new Names("A", "board 3", "mill")), TARGET.withNames(new Names("B", "board 99", "barn")))) {
            assertThat(odds(quick, target)).as("odds of %s", target).isCloseTo(odds(anew, target), within(room));
            assertThat(quick.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(target)).sd())
                    .isCloseTo(anew.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(target)).sd(), within(0.2));
        }
        assertThat(quick.hidden(Family.HOT_WOOD)).isCloseTo(anew.hidden(Family.HOT_WOOD), within(0.01));
        assertThat(quick.trials()).isEqualTo(anew.trials());
        assertThat(quick.beliefs(Family.HOT_WOOD)).extracting(belief -> belief.term() + belief.name() + belief.trials())
                .containsExactlyElementsOf(anew.beliefs(Family.HOT_WOOD).stream()
                        .map(belief -> belief.term() + belief.name() + belief.trials()).toList());
    }

    private static Trial broken(Recipe recipe, Flaw flaw) {
        return new Trial(5000, recipe, Outcome.damaged(Severity.BROKEN, flaw), OptionalDouble.empty());
    }

    @Test
    void whatever_the_record_is_the_step_comes_close_to_a_new_fit() {
        List<Trial> known = shop(300);
        RiskModel before = RiskModel.fit(known);
        Recipe ofAKnownBoard = TARGET.withNames(new Names("A", "board 3", "mill"));
        Recipe ofNewNames = TARGET.withNames(new Names("B", "another board", "barn"));
        Recipe otherWood = Recipes.ash().species("red-oak").moisture(18).grainRun(20).thickness(10).radius(130).steamed();
        for (Trial more : List.of(new Trial(ofAKnownBoard, Outcome.clean()), broken(ofAKnownBoard, Flaw.SNAP),
                broken(TARGET.withInnerRadiusMm(400), Flaw.SNAP), broken(ofNewNames, Flaw.INNER_CREASE),
                new Trial(ofNewNames, Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER)), broken(ofAKnownBoard, Flaw.GRAIN_SPLIT),
                new Trial(otherWood, Outcome.clean()))) {
            List<Trial> all = new ArrayList<>(known);
            all.add(more);
            nearly(before.with(more), RiskModel.fit(all), 0.02);
        }
    }

    @Test
    void many_steps_in_a_row_do_not_stray_far() {
        List<Trial> known = shop(300);
        for (String hands : List.of("A", "B")) {
            RiskModel quick = RiskModel.fit(known);
            LognormalShop later = new LognormalShop(78).hidden(0.04);
            List<Trial> all = new ArrayList<>(known);
            for (Trial more : later.trials(10, bends(later, hands))) {
                quick = quick.with(more);
                all.add(more);
            }
            RiskModel anew = RiskModel.fit(all);
            nearly(quick, anew, 0.04);
            double strayed = 0;
            for (int i = 0; i < 40; i++) {
                Recipe target = bends(later, "A").get();
                strayed += Math.abs(odds(quick, target) - odds(anew, target)) / 40;
            }
            assertThat(strayed).as("with hands %s, on average", hands).isLessThan(0.01);
        }
    }

    @Test
    void a_record_that_makes_no_sense_changes_nothing() {
        RiskModel before = RiskModel.fit(shop(40));
        Trial odd = new Trial(9, TARGET, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.of(200));
        assertThat(before.with(odd)).isSameAs(before);
    }
}
