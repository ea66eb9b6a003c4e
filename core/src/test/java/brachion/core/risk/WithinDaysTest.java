package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.forecast.Rule;
import brachion.core.forecast.RuleEvidence;
import brachion.core.method.Family;
import brachion.core.method.GrowthRings;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Trial;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Good days and bad days are not taken for good ways and bad ways of working. */
class WithinDaysTest {

    private static final int DAYS = 14;
    private static final int PIECES_A_DAY = 10;
    private static final double DAYS_DIFFER = 0.35;

    /** The name a test's recipe carries its day in; taken off before anything is fitted. */
    private static Recipe bentOn(int day, GrowthRings rings, double radius) {
        Recipe recipe = Recipes.ash().moisture(18).grainRun(20).thickness(10).radius(radius).steamed();
        return recipe.withBlank(recipe.blank().withGrowthRings(rings)).withNames(new Names("", "", "day " + day));
    }

    /**
     * A shop whose days differ.
     *
     * @param mixed   whether each day sees both ways of laying the rings, or just one
     * @param onEdge  by how much more strain rings on edge bear, as a logarithm
     */
    private static List<Trial> shop(long seed, boolean mixed, double onEdge, boolean daysWrittenDown) {
        Random luck = new Random(seed);
        Map<String, Double> days = new HashMap<>();
        for (int day = 0; day < DAYS; day++) {
            days.put("day " + day, DAYS_DIFFER * luck.nextGaussian());
        }
        LognormalShop shop = new LognormalShop(seed).weaker(recipe -> days.get(recipe.names().source())
                - (recipe.blank().growthRings() == GrowthRings.ON_EDGE ? onEdge : 0));
        List<Trial> trials = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            int today = day;
            for (int i = 0; i < PIECES_A_DAY; i++) {
                GrowthRings rings = (mixed ? i : day) % 2 == 0 ? GrowthRings.ON_EDGE : GrowthRings.FLAT;
                Trial bent = shop.trials(1, () -> bentOn(today, rings, 110 + luck.nextInt(90))).get(0);
                trials.add(new Trial(trials.size() + 1L, bent.recipe().withNames(Names.none()), bent.outcome(), OptionalDouble.empty(),
                        daysWrittenDown ? Optional.of(LocalDate.of(2026, 3, 1).plusDays(day)) : Optional.empty()));
            }
        }
        return trials;
    }

    private static double oddsOfRings(List<Trial> trials) {
        double first = RuleEvidence.of(RiskModel.fit(trials)).stream().filter(each -> each.rule() == Rule.RINGS)
                .findFirst().orElseThrow().tip();
        return first / (1 - first);
    }

    private static int beyond(double odds, boolean mixed, double onEdge, boolean daysWrittenDown, int shops) {
        int beyond = 0;
        for (int i = 0; i < shops; i++) {
            double said = oddsOfRings(shop(500 + i, mixed, onEdge, daysWrittenDown));
            beyond += Math.max(said, 1 / said) > odds ? 1 : 0;
        }
        return beyond;
    }

    @Test
    void where_each_day_saw_one_way_only_its_luck_is_not_taken_for_the_ways() {
        int shops = 20;
        int blind = beyond(10, false, 0, false, shops);
        int within = beyond(10, false, 0, true, shops);
        assertThat(blind).as("false finds without days").isGreaterThanOrEqualTo(3);
        assertThat(within).as("false finds within days").isLessThanOrEqualTo(shops / 10).isLessThan(blind);
    }

    @Test
    void a_true_effect_is_found_within_days_that_saw_both() {
        assertThat(beyond(10, true, 0.3, true, 10)).isGreaterThanOrEqualTo(7);
    }

    @Test
    void where_rings_do_nothing_the_balance_stands_beyond_three_to_one_in_a_quarter_of_shops() {
        assertThat(beyond(3, true, 0, true, 40)).isBetween(2, 18);
    }

    @Test
    void where_nobody_wrote_the_day_down_the_fit_is_the_same() {
        RiskModel risk = RiskModel.fit(shop(3, true, 0, false));
        assertThat(risk.withinDays(Family.HOT_WOOD)).isSameAs(risk);
    }
}
