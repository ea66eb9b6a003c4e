package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.MissingMeasurement.What;
import brachion.core.method.Change;
import brachion.core.method.ColdLamination;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Glue;
import brachion.core.method.Heating;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBag;
import brachion.core.method.SteamBox;
import brachion.core.process.StageKind;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SimulatedShop;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class AdviceTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final RiskModel SHOP = RiskModel.fit(new SimulatedShop(21, 1.75, 1.2, 6).people(-0.4, 0.4).trials(80));
    private static final Marks MARKS = new Marks(5, 0.5);
    private static final Recipe KILN_DRIED = Recipes.ash().moisture(8).thickness(13).radius(150).steamed();

    @Test
    void every_lever_raises_the_odds_and_of_as_much_trouble_the_most_useful_comes_first() {
        Levers levers = Levers.of(new Forecaster(TABLES), KILN_DRIED, 0.9, MARKS);
        assertThat(levers.levers()).isNotEmpty().allSatisfy(lever ->
                assertThat(lever.unbroken().probability()).isGreaterThan(levers.now().probability()));
        levers.levers().stream().collect(Collectors.groupingBy(lever -> lever.change().effort())).values().forEach(alike -> assertThat(alike).isSortedAccordingTo(
                (a, b) -> Double.compare(b.unbroken().cautious(), a.unbroken().cautious())));
        assertThat(levers.levers()).extracting(lever -> lever.change().kind())
                .contains(Change.Kind.STEEL_STRAP, Change.Kind.SOAK, Change.Kind.THINNER);
    }

    /** Nobody makes a strap for what another piece of the stack or a hotter bag would do. */
    @Test
    void what_costs_nothing_comes_before_what_must_be_made() {
        Recipe sloping = Recipes.ash().moisture(20).grainRun(6).knots(Knots.IN_BEND).thickness(12).radius(220).steamed();
        assertThat(kinds(sloping)).startsWith(Change.Kind.CLEAR_STOCK).contains(Change.Kind.STRAIGHTER_GRAIN, Change.Kind.STEEL_STRAP);
        Recipe lukewarm = Recipes.ash().moisture(20).thickness(10).radius(170).steamed();
        SteamBag bag = new SteamBag(((SteamBox) lukewarm.method()).withCarrySeconds(0).handling(), new Heating(StageKind.STEAM_BAG, 60, 85), SteamBag.Bent.IN_THE_BAG);
        assertThat(kinds(lukewarm.withMethod(bag)).get(0)).isEqualTo(Change.Kind.HOTTER_BAG);
    }

    private static List<Change.Kind> kinds(Recipe recipe) {
        return Levers.of(new Forecaster(TABLES), recipe, 0.9, MARKS).levers().stream().map(lever -> lever.change().kind()).toList();
    }

    /** Plies of 4.8 mm do not go round 300 mm; those a saw or a veneer dealer has do. */
    @Test
    void a_lamination_is_taken_down_to_strips_that_can_be_had_and_no_thinner_than_it_needs() {
        Recipe thick = Recipes.ash().moisture(9).thickness(6).radius(300).laminated(4);
        Levers levers = Levers.of(new Forecaster(TABLES), thick, 0.95, MARKS);
        assertThat(levers.cheapest().reaches()).isTrue();
        Recipe found = levers.cheapest().recipe();
        ColdLamination plies = (ColdLamination) found.method();
        assertThat(plies.plies() * found.blank().thicknessMm()).as("the section stays").isCloseTo(24, within(0.001));
        assertThat(found.blank().thicknessMm()).isBetween(0.6, 4.0);
        assertThat(Change.of(thick, MARKS)).filteredOn(change -> change.kind() == Change.Kind.THINNER_PLIES && change.amount() > found.blank().thicknessMm() + 0.001)
                .isNotEmpty().allSatisfy(change -> assertThat(new Forecaster(TABLES).unbroken(change.on().apply(thick)).probability()).isLessThan(0.95));
    }

    @Test
    void what_is_milled_and_bent_comes_to_lie_on_the_marks_of_the_shop() {
        Recipe odd = KILN_DRIED.withInnerRadiusMm(143).withBlank(KILN_DRIED.blank().withThicknessMm(19.05));
        Map<Change.Kind, Double> metric = amounts(odd, MARKS);
        assertThat(metric.get(Change.Kind.THINNER)).as("a millimetre and on to the half").isEqualTo(18);
        assertThat(metric.get(Change.Kind.WIDER_RADIUS)).as("a tenth and on to the five").isEqualTo(160);
        Map<Change.Kind, Double> inches = amounts(odd, new Marks(25.4 / 8, 25.4 / 32));
        assertThat(inches.get(Change.Kind.THINNER)).as("3/4 less 1/16").isCloseTo(25.4 * 11 / 16, within(1e-9));
        assertThat(inches.get(Change.Kind.WIDER_RADIUS) * 8 / 25.4).as("eighths").isCloseTo(50, within(1e-9));
    }

    @Test
    void no_more_plies_are_advised_than_there_can_be_and_none_too_thin_to_be_cut() {
        Recipe most = KILN_DRIED.withBlank(KILN_DRIED.blank().withThicknessMm(2)).withMethod(new ColdLamination(Glue.PVA, 200));
        Recipe thinnest = most.withBlank(most.blank().withThicknessMm(0.3)).withMethod(new ColdLamination(Glue.PVA, 8));
        assertThat(amounts(most, MARKS)).doesNotContainKey(Change.Kind.THINNER_PLIES);
        assertThat(amounts(thinnest, MARKS)).doesNotContainKey(Change.Kind.THINNER_PLIES);
        assertThat(amounts(thinnest.withBlank(most.blank()), MARKS)).containsKey(Change.Kind.THINNER_PLIES);
    }

    @Test
    void a_map_reaches_from_bound_to_bound() {
        BendMap map = BendMap.of(TABLES, KILN_DRIED, new BendMap.Extent(2, 100, 5, 20_000, 60, 4));
        assertThat(map.thicknessMm()[59]).isEqualTo(100);
        assertThat(map.innerRadiusMm()[3]).isEqualTo(20_000);
    }

    private static Map<Change.Kind, Double> amounts(Recipe recipe, Marks marks) {
        return Change.of(recipe, marks).stream().collect(Collectors.toMap(Change::kind, Change::amount, (least, more) -> least));
    }

    @Test
    void the_cheapest_combination_reaches_what_is_wanted_and_a_cheaper_one_does_not() {
        Levers levers = Levers.of(new Forecaster(TABLES), KILN_DRIED, 0.8, MARKS);
        Levers.Combination found = levers.cheapest();
        assertThat(found.reaches()).isTrue();
        assertThat(found.unbroken().probability()).isGreaterThanOrEqualTo(0.8);
        int effort = found.changes().stream().mapToInt(Change::effort).sum();
        assertThat(levers.levers()).filteredOn(lever -> lever.change().effort() < effort)
                .allSatisfy(lever -> assertThat(lever.unbroken().probability()).isLessThan(0.8));
        assertThat(new Forecaster(TABLES).unbroken(found.recipe())).isEqualTo(found.unbroken());
    }

    /** Every set of up to three of the six most useful steps is made here once more. */
    @Test
    void where_nothing_reaches_what_is_wanted_the_surest_steps_are_named() {
        Forecaster forecaster = new Forecaster(TABLES);
        Recipe hopeless = Recipes.ash().moisture(8).grainRun(8).thickness(25).radius(90).steamed();
        Levers levers = Levers.of(forecaster, hopeless, 0.99, MARKS);
        assertThat(levers.cheapest().reaches()).isFalse();
        assertThat(levers.levers()).hasSizeGreaterThan(5);
        double surest = 0;
        for (int set = 1; set < 64; set++) {
            if (Integer.bitCount(set) <= 3) {
                Recipe changed = hopeless;
                for (int i = 0; i < 6; i++) {
                    changed = (set >> i & 1) == 1 ? levers.levers().get(i).change().on().apply(changed) : changed;
                }
                surest = Math.max(surest, forecaster.unbroken(changed).cautious());
            }
        }
        assertThat(levers.cheapest().unbroken().cautious()).isEqualTo(surest);
        assertThat(levers.cheapest().changes()).hasSize(3);
    }

    /** One step alone moves next to nothing here; three do it. */
    @Test
    void what_is_hopeless_by_single_steps_may_be_done_by_several() {
        Recipe cold = Recipes.ash().moisture(8).grainRun(6).knots(Knots.IN_BEND).thickness(25).radius(60).steamed();
        Levers levers = Levers.of(new Forecaster(TABLES), cold, 0.9, MARKS);
        assertThat(levers.now().probability()).isLessThan(0.005);
        assertThat(levers.cheapest().changes()).hasSize(3).extracting(Change::kind).contains(Change.Kind.STEEL_STRAP);
        assertThat(levers.cheapest().unbroken().probability()).isGreaterThan(0.4);
    }

    @Test
    void a_bend_that_is_good_enough_needs_no_change() {
        Recipe gentle = Recipes.ash().moisture(20).thickness(5).radius(600).steamed();
        Levers levers = Levers.of(new Forecaster(TABLES), gentle, 0.9, MARKS);
        assertThat(levers.cheapest().changes()).isEmpty();
        assertThat(levers.cheapest().reaches()).isTrue();
    }

    @Test
    void the_map_agrees_with_single_forecasts_and_rises_with_radius() {
        Recipe recipe = Recipes.ash().steamed();
        BendMap map = BendMap.of(SHOP, recipe, new BendMap.Extent(4, 24, 60, 600, 5, 6));
        double cell = map.unbroken().get(2).get(3).probability();
        Recipe same = recipe.withBlank(recipe.blank().withThicknessMm(map.thicknessMm()[3]))
                .withInnerRadiusMm(map.innerRadiusMm()[2]);
        assertThat(cell).as("read off between thicknesses").isCloseTo(new Forecaster(SHOP).unbroken(same).probability(), within(0.01));
        for (int row = 1; row < 6; row++) {
            assertThat(map.unbroken().get(row).get(2).probability())
                    .isGreaterThanOrEqualTo(map.unbroken().get(row - 1).get(2).probability());
        }
    }

    /** Between radii whose odds are alike the odds are read off; no cell is further off for it than half of what is alike. */
    @Test
    void a_fine_map_agrees_with_single_forecasts_in_every_row() {
        Recipe recipe = Recipes.ash().steamed();
        BendMap map = BendMap.of(SHOP, recipe, new BendMap.Extent(6, 24, 30, 3000, 3, 40));
        List<Double> between = new ArrayList<>();
        for (int row = 0; row < 40; row++) {
            for (int column = 0; column < 3; column++) {
                Recipe same = recipe.withBlank(recipe.blank().withThicknessMm(map.thicknessMm()[column])).withInnerRadiusMm(map.innerRadiusMm()[row]);
                Odds cell = map.unbroken().get(row).get(column);
                Odds alone = new Forecaster(SHOP).unbroken(same);
                assertThat(cell.probability()).as("row %d column %d", row, column).isCloseTo(alone.probability(), within(0.012));
                assertThat(cell.low()).as("row %d column %d", row, column).isCloseTo(alone.low(), within(0.08));
                assertThat(cell.high()).as("row %d column %d", row, column).isCloseTo(alone.high(), within(0.08));
                between.add(cell.probability());
            }
        }
        // rows 32 and 39 are worked out, and alike
        for (int row = 33; row < 39; row++) {
            Odds before = map.unbroken().get(32).get(0);
            Odds after = map.unbroken().get(39).get(0);
            assertThat(before.near(after, 0.01)).isTrue();
            assertThat(map.unbroken().get(row).get(0).low()).as("a straight line between them").isCloseTo(before.low() + (after.low() - before.low()) * (row - 32) / 7, within(1e-12));
        }
        assertThat(between).as("the map covers what will not bend and what will").anyMatch(cell -> cell < 0.05).anyMatch(cell -> cell > 0.95);
    }

    /** When the chance of a piece is all but certain, spares are those of the binomial distribution. */
    @Test
    void spares_of_a_piece_whose_odds_are_known_follow_the_binomial_distribution() {
        Recipe recipe = Recipes.ash().thickness(12).radius(185).steamed();
        RiskModel certain = RiskModel.fit(manyOf(recipe, 1600, 400));
        Spares spares = Spares.of(certain, recipe, 8, 0.9, Severity.FLAW);
        double p = spares.perPiece().probability();
        assertThat(spares.perPiece().high() - spares.perPiece().low()).isLessThan(0.06);
        int n = 8;
        while (atLeast(8, n, p) < 0.9) {
            n++;
        }
        assertThat(spares.blanks().orElseThrow()).isCloseTo(n, within(1));
    }

    /** What is not known of the odds asks for more spares than the same odds known for certain. */
    @Test
    void uncertain_odds_ask_for_more_spares() {
        Recipe recipe = Recipes.ash().moisture(18).thickness(16).radius(220).steamed();
        Spares spares = Spares.of(TABLES, recipe, 8, 0.95, Severity.FLAW);
        double p = spares.perPiece().probability();
        int certain = 8;
        while (atLeast(8, certain, p) < 0.95) {
            certain++;
        }
        assertThat(spares.blanks().orElseThrow()).isGreaterThan(certain);
        assertThatThrownBy(() -> Spares.of(TABLES, recipe, 0, 0.9, Severity.FLAW)).hasMessageContaining("0 with 0.9");
    }

    private static double atLeast(int good, int blanks, double p) {
        double sum = 0;
        for (int k = good; k <= blanks; k++) {
            double ways = 1;
            for (int i = 0; i < k; i++) {
                ways = ways * (blanks - i) / (i + 1);
            }
            sum += ways * Math.pow(p, k) * Math.pow(1 - p, blanks - k);
        }
        return sum;
    }

    private static List<Trial> manyOf(Recipe recipe, int held, int broke) {
        List<Trial> trials = new ArrayList<>(Collections.nCopies(held, new Trial(recipe, Outcome.clean())));
        trials.addAll(Collections.nCopies(broke, new Trial(recipe, Outcome.damaged(Severity.BROKEN, Flaw.SNAP))));
        return trials;
    }

    /** The promised narrowing is what a refit after either ending brings on average. */
    @Test
    void a_telling_trial_narrows_the_forecast_about_as_much_as_promised() {
        Recipe target = Recipes.ash().moisture(22).grainRun(1000).thickness(10).radius(120).steamed();
        List<Trial> known = new SimulatedShop(22, 1.75, 1.2, 6).trials(25);
        RiskModel risk = RiskModel.fit(known);
        NextTrials next = NextTrials.of(risk, target, List.of(), MARKS);
        NextTrials.TellingTrial best = next.trials().get(0);
        assertThat(next.trials()).isSortedAccordingTo((a, b) -> Double.compare(a.spreadThen(), b.spreadThen()));
        assertThat(best.spreadThen()).isLessThan(best.spreadNow());
        double p = best.unbroken().probability();
        double then = p * sd(known, best.recipe(), Outcome.clean(), target)
                + (1 - p) * sd(known, best.recipe(), Outcome.damaged(Severity.BROKEN, Flaw.SNAP), target);
        double now = sd(risk, target);
        assertThat(then / now).isCloseTo(best.spreadThen() / best.spreadNow(), within(0.05));
    }

    private static double sd(List<Trial> known, Recipe tried, Outcome outcome, Recipe target) {
        List<Trial> more = new ArrayList<>(known);
        more.add(new Trial(tried, outcome));
        return sd(RiskModel.fit(more), target);
    }

    private static double sd(RiskModel risk, Recipe target) {
        return risk.margin(FailureMode.TENSION, Severity.FLAW,
                Possible.known(target)).sd();
    }

    @Test
    void the_ladder_leads_from_safe_to_the_target() {
        Recipe target = Recipes.ash().thickness(18).radius(110).steamed();
        List<NextTrials.Rung> ladder = NextTrials.of(SHOP, target, List.of(), MARKS).radiusLadder();
        assertThat(ladder).hasSizeGreaterThan(2);
        assertThat(ladder.get(0).unbroken().probability()).isGreaterThan(0.85);
        assertThat(ladder.get(ladder.size() - 1).recipe()).isEqualTo(target);
        assertThat(ladder).isSortedAccordingTo(
                (a, b) -> Double.compare(b.recipe().bend().innerRadiusMm(), a.recipe().bend().innerRadiusMm()));
    }

    @Test
    void without_records_no_school_is_favoured() {
        assertThat(RuleEvidence.of(TABLES)).hasSize(Rule.values().length).allSatisfy(evidence -> {
            assertThat(evidence.tip()).as(evidence.rule().name()).isCloseTo(0.5, within(1e-6));
            assertThat(evidence.trials()).isZero();
        });
    }

    @Test
    void in_a_shop_that_follows_the_model_forecasts_beat_the_base_rate() {
        RiskModel risk = RiskModel.fit(new SimulatedShop(23, 1.2, 0.9, 7).trials(150));
        Calibration calibration = Calibration.of(risk, Family.HOT_WOOD);
        assertThat(calibration.trials()).isEqualTo(150);
        assertThat(calibration.logLoss()).isLessThan(calibration.baseRateLogLoss() - 0.05);
        assertThat(calibration.bins()).hasSize(8).extracting(Calibration.Bin::forecast).isSorted();
    }

    @Test
    void missing_measurements_are_named_with_what_they_are_worth() {
        Recipe guessed = Recipes.ash().thickness(8).radius(110).steamedUnmeasured(Seasoning.KILN_DRIED);
        List<MissingMeasurement> missing = new Forecaster(TABLES).forecast(guessed).missing();
        assertThat(missing).extracting(MissingMeasurement::what).contains(What.MOISTURE, What.GRAIN_SLOPE);
        assertThat(missing.get(0).widthThen()).isLessThan(missing.get(0).widthNow())
                .isLessThanOrEqualTo(missing.get(1).widthThen());
        assertThat(new Forecaster(TABLES).forecast(KILN_DRIED).missing()).extracting(MissingMeasurement::what)
                .doesNotContain(What.MOISTURE, What.GRAIN_SLOPE);
    }

    @Test
    void the_form_that_allows_for_springback_opens_to_the_radius_asked_for() {
        SpringbackForecast springback = new Forecaster(TABLES).forecast(KILN_DRIED).springback();
        assertThat(springback.formRadiusMm()).isLessThan(150);
        SpringbackForecast onThatForm = new Forecaster(TABLES)
                .forecast(KILN_DRIED.withInnerRadiusMm(springback.formRadiusMm())).springback();
        assertThat(onThatForm.releasedRadiusMm()).isCloseTo(150, within(0.2));
    }
}
