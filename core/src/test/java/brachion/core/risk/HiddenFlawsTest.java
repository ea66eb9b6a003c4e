package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Pieces that break whatever they are asked. */
class HiddenFlawsTest {

    private static final Recipe EASY = Recipes.ash().moisture(20).grainRun(25).thickness(8).radius(500).steamed();

    /** Bends from easy to hard. */
    private static RiskModel shop(long seed, double hidden, int trials) {
        LognormalShop shop = new LognormalShop(seed).hidden(hidden);
        return RiskModel.fit(shop.trials(trials, () -> Recipes.ash().moisture(20).grainRun(25).thickness(8)
                .radius(60 + shop.random().nextInt(400)).steamed()));
    }

    private static double share(RiskModel risk) {
        return risk.hidden(Family.HOT_WOOD);
    }

    @Test
    void without_records_a_few_in_a_hundred_are_expected_and_none_is_possible() {
        RiskModel tables = RiskModel.withoutRecords();
        assertThat(share(tables)).isBetween(0.02, 0.05);
        assertThat(tables.hiddenShares(Family.HOT_WOOD).get(0).value()).isZero();
        assertThat(tables.hiddenShares(Family.HOT_WOOD).get(0).weight()).isBetween(0.2, 0.5);
        assertThat(tables.holds(Severity.FLAW, Possible.known(EASY))).isBetween(0.93, 1 - share(tables));
    }

    /** The share is found, on average over shops, and the odds of an easy bend follow it. */
    @Test
    void the_share_is_learned() {
        for (double truth : new double[] {0, 0.04, 0.10}) {
            double mean = 0;
            double easy = 0;
            int shops = 6;
            for (int shop = 0; shop < shops; shop++) {
                RiskModel risk = shop(100 + shop, truth, 250);
                mean += share(risk) / shops;
                easy += risk.holds(Severity.FLAW, Possible.known(EASY)) / shops;
            }
            assertThat(mean).as("of %s", truth).isCloseTo(truth, within(0.02));
            assertThat(easy).as("an easy bend where %s break unforeseen", truth).isCloseTo(1 - truth, within(0.025));
        }
    }

    /** A snap far inside the limits speaks of hidden flaws, one at the limit of the limit. */
    @Test
    void an_easy_snap_speaks_of_hidden_flaws_and_a_hard_one_of_the_limit() {
        List<Trial> held = new LognormalShop(3).trials(40, () -> EASY);
        Trial easySnap = new Trial(900, EASY, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty());
        Trial hardSnap = new Trial(901, EASY.withInnerRadiusMm(95), Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty());
        double before = share(RiskModel.fit(held));
        assertThat(share(with(held, easySnap))).isGreaterThan(1.5 * before);
        assertThat(share(with(held, hardSnap))).isCloseTo(before, within(0.2 * before));
    }

    @Test
    void a_split_along_the_grain_is_a_hidden_flaw_and_says_nothing_of_the_faces() {
        List<Trial> held = new LognormalShop(3).trials(40, () -> EASY);
        Trial split = new Trial(900, EASY, Outcome.damaged(Severity.BROKEN, Flaw.GRAIN_SPLIT), OptionalDouble.empty());
        assertThat(share(with(held, split))).isGreaterThan(1.5 * share(RiskModel.fit(held)));
    }

    private static RiskModel with(List<Trial> trials, Trial more) {
        List<Trial> all = new ArrayList<>(trials);
        all.add(more);
        return RiskModel.fit(all);
    }

    /** One wrong entry among a hundred must not cost an honest shop its good name. */
    @Test
    void a_slip_of_the_pen_is_not_taken_for_a_flaw_in_the_wood() {
        List<Trial> held = new LognormalShop(5).trials(150, () -> EASY);
        Trial slip = new Trial(900, EASY, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty());
        assertThat(share(with(held, slip))).isLessThan(0.012);
        Recipe hopeless = EASY.withInnerRadiusMm(20);
        double before = RiskModel.fit(held).holds(Severity.FLAW, Possible.known(hopeless));
        double after = with(held, new Trial(901, hopeless, Outcome.clean(), OptionalDouble.empty()))
                .holds(Severity.FLAW, Possible.known(hopeless));
        assertThat(after).as("one hopeless bend said to be clean").isLessThan(before + 0.3);
    }

    @Test
    void what_stands_and_with_which_odds_adds_up() {
        RiskModel risk = shop(9, 0.05, 80);
        Possible piece = Possible.known(EASY);
        List<Outlook> outlooks = risk.outlooks(Severity.FLAW, piece);
        assertThat(outlooks.stream().mapToDouble(Outlook::weight).sum()).isCloseTo(1, within(1e-9));
        assertThat(outlooks.stream().mapToDouble(each -> each.weight() * each.hidden()).sum()).isCloseTo(share(risk), within(1e-9));
        assertThat(outlooks.stream().mapToDouble(each -> each.weight() * each.holds()).sum())
                .isCloseTo(risk.holds(Severity.FLAW, piece), within(1e-12));
    }
}
