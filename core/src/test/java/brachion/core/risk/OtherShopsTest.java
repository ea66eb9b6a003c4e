package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Records of another shop beside one's own: the wood is the same, how it is measured, judged and bent is not. */
class OtherShopsTest {

    private static final Recipe BEND = Recipes.ash().moisture(22).grainRun(1000).thickness(10).radius(110).steamed();
    private static final double FIRST_CUT = 1.75;
    private static final String OTHER = "Oak Barn";

    /** A shop in which the log odds of damage are raised by so much for every piece. */
    private static List<Trial> shop(long seed, double worse, int count) {
        return new SimulatedShop(seed, FIRST_CUT - worse, 1.2, 6).trials(count);
    }

    private static List<Trial> of(String name, List<Trial> trials) {
        return trials.stream().map(trial -> new Trial(1000 + trial.id(), trial.recipe().withNames(trial.recipe().names().of(name)), trial.outcome(),
                trial.releasedRadiusMm(), trial.day())).toList();
    }

    private static double holds(Recipe bend, List<Trial> own, List<Trial> others) {
        List<Trial> all = new ArrayList<>(own);
        all.addAll(others);
        return RiskModel.fit(all).holds(Severity.FLAW, Possible.known(bend));
    }

    /** A clumsier shop's breakage lowers one's own odds much less than if it were one's own; what it says of the wood stays. */
    @Test
    void breakage_elsewhere_is_put_down_to_elsewhere() {
        double alone = 0;
        double beside = 0;
        double mixed = 0;
        int shops = 6;
        for (int seed = 0; seed < shops; seed++) {
            List<Trial> own = shop(40 + seed, 0, 120);
            List<Trial> others = shop(80 + seed, 2.5, 120);
            alone += holds(BEND, own, List.of()) / shops;
            beside += holds(BEND, own, of(OTHER, others)) / shops;
            mixed += holds(BEND, own, others) / shops;
        }
        assertThat(alone - mixed).as("taken for one's own they do harm").isGreaterThan(0.1);
        assertThat(alone - beside).as("as another shop's they do little").isLessThan((alone - mixed) / 2);
    }

    /** Where one's own records are few, those of a shop like it bring the odds nearer to what is true. */
    @Test
    void a_shop_alike_tells_much_to_one_that_has_just_begun() {
        Recipe hard = BEND.withInnerRadiusMm(80);
        double truth = 1 / (1 + Math.exp(6 * Math.log(hard.demand().tensionRatio()) - FIRST_CUT - 1.2));
        double alone = 0;
        double helped = 0;
        for (int seed = 0; seed < 12; seed++) {
            List<Trial> few = shop(seed, 0, 4);
            alone += Math.abs(holds(hard, few, List.of()) - truth);
            helped += Math.abs(holds(hard, few, of(OTHER, shop(100 + seed, 0, 200))) - truth);
        }
        assertThat(helped).isLessThan(0.8 * alone);
    }

    @Test
    void boards_and_hands_of_two_shops_are_never_the_same() {
        Names here = new Names("Odo", "board 3", "the mill");
        Names there = here.of(OTHER);
        assertThat(there.shop()).isEqualTo(OTHER);
        assertThat(List.of(there.person(), there.board(), there.source())).doesNotContain(here.person(), here.board(), here.source()).doesNotHaveDuplicates();
        assertThat(Names.none().of(OTHER)).as("nobody stays nobody").isEqualTo(new Names("", "", "", OTHER));
        assertThat(Group.SHOP.of(BEND)).as("the own one has no effect").isEmpty();
        assertThat(Group.SHOP.of(BEND.withNames(there))).isEqualTo(OTHER);
    }

    /** What was bent on a day is taken for one board where nobody wrote the board down, but never over two shops. */
    @Test
    void a_day_is_one_in_each_shop() {
        Optional<LocalDate> day = Optional.of(LocalDate.of(2026, 3, 1));
        Trial own = new Trial(1, BEND, Outcome.clean(), OptionalDouble.empty(), day);
        Trial other = new Trial(2, BEND.withNames(Names.none().of(OTHER)), own.outcome(), own.releasedRadiusMm(), day);
        assertThat(RecordedTrial.of(own).ofItsDay().trial().recipe().names().board())
                .isNotEqualTo(RecordedTrial.of(other).ofItsDay().trial().recipe().names().board());
    }
}
