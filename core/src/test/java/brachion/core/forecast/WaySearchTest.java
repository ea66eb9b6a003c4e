package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import brachion.core.method.AtHand;
import brachion.core.forecast.WaySearch.Found;
import brachion.core.forecast.WaySearch.Order;
import brachion.core.method.AtHand.Support;
import brachion.core.forecast.WaySearch.Wanted;
import brachion.core.method.Bend;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.method.Term;
import brachion.core.method.WantedPiece;
import brachion.core.process.Shop;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class WaySearchTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final AtHand EVERYTHING = new AtHand(SpeciesCatalogue.published().all(), List.of(Seasoning.values()),
            List.of(), List.of(Support.values()), true, List.of(MethodKind.values()), List.of(1.6, 3.2));

    @Test
    void finds_ways_that_the_forecast_agrees_with_and_says_why_the_others_fell_out() {
        Wanted crook = new Wanted(new WantedPiece(new Bend(90, 190), 20, 20), 0.85, Order.QUICKEST);
        List<Integer> done = new ArrayList<>();
        Found found = new WaySearch(TABLES).find(crook, EVERYTHING, (at, of) -> done.add(at));
        assertThat(found.looked()).isGreaterThan(3000);
        assertThat(found.ways()).isNotEmpty().hasSizeLessThanOrEqualTo(12).allSatisfy(way -> {
            assertThat(way.unbroken().probability()).isGreaterThanOrEqualTo(0.85);
            assertThat(new Forecaster(TABLES).unbroken(way.recipe())).isEqualTo(way.unbroken());
        });
        assertThat(found.ways()).filteredOn(way -> !way.shorterThanSchools())
                .isSortedAccordingTo((a, b) -> Double.compare(a.hours(), b.hours()));
        assertThat(found.ways()).as("what every school calls too short comes last")
                .isSortedAccordingTo((a, b) -> Boolean.compare(a.shorterThanSchools(), b.shorterThanSchools()));
        int fellOut = found.fellOut().stream().mapToInt(WaySearch.FellOut::count).sum();
        assertThat(found.reached() + fellOut).isEqualTo(found.looked());
        assertThat(found.fellOut()).extracting(WaySearch.FellOut::because).contains(Term.CURVE, Term.DRY_WOOD);
        assertThat(done).isSorted().last().isEqualTo(found.looked());
        assertThat(new WaySearch(TABLES).find(crook, EVERYTHING, (at, of) -> { })).isEqualTo(found);
    }

    @Test
    void keeps_to_what_is_at_hand() {
        AtHand ashNoStrap = new AtHand(List.of(SpeciesCatalogue.published().require("white-ash")),
                List.of(Seasoning.AIR_DRIED), List.of(6.0, 10.0), List.of(Support.NONE), false,
                List.of(MethodKind.STEAM_BOX), List.of());
        Found found = new WaySearch(TABLES).find(new Wanted(new WantedPiece(new Bend(250, 180), 10, 25), 0.8, Order.QUICKEST), ashNoStrap, (at, of) -> { });
        assertThat(found.looked()).isEqualTo(10);
        assertThat(found.ways()).hasSize(2).allSatisfy(way ->
                assertThat(way.recipe().blank().species().id()).isEqualTo("white-ash"));
    }

    @Test
    void the_surest_and_the_most_tried_come_first_when_asked_for() {
        RiskModel risk = RiskModel.fit(List.of(held(1, 60, 0), held(2, 60, 0), held(3, 120, 0), held(4, 120, 48)));
        AtHand oak = new AtHand(List.of(SpeciesCatalogue.published().require("white-oak")), List.of(Seasoning.KILN_DRIED),
                List.of(), List.of(Support.NONE, Support.STEEL), true, List.of(MethodKind.STEAM_BOX), List.of());
        Found surest = new WaySearch(risk).find(wish(Order.SUREST), oak, (at, of) -> { });
        Found tried = new WaySearch(risk).find(wish(Order.MOST_TRIED), oak, (at, of) -> { });
        Found quickest = new WaySearch(risk).find(wish(Order.QUICKEST), oak, (at, of) -> { });
        assertThat(surest.reached()).isEqualTo(tried.reached()).isEqualTo(quickest.reached()).isGreaterThan(2);
        assertThat(surest.ways().get(0).unbroken().probability()).isGreaterThan(quickest.ways().get(0).unbroken().probability());
        assertThat(tried.ways().get(0).trialsNear()).isGreaterThan(quickest.ways().get(0).trialsNear());
        assertThat(tried.ways()).isSortedAccordingTo((a, b) -> Integer.compare(b.trialsNear(), a.trialsNear()));
        assertThat(tried.ways()).allSatisfy(way -> assertThat(way.ofThisWood()).isEqualTo(way.trialsNear()));
        assertThat(tried.ways()).allSatisfy(way -> {
            Evidence evidence = new Forecaster(risk).forecast(way.recipe()).evidence();
            assertThat(way.trialsNear()).as("as the forecast counts").isEqualTo(evidence.trialsNear());
            assertThat(way.beyondRecords()).isEqualTo(evidence.beyondRecords());
        });
    }

    @Test
    void woods_the_shop_has_bent_are_more_tried_than_others_that_ask_as_much() {
        RiskModel risk = RiskModel.fit(List.of(held(1, 60, 0), held(2, 60, 0), held(3, 120, 0), held(4, 120, 48)));
        Found tried = new WaySearch(risk).find(wish(Order.MOST_TRIED), EVERYTHING, (at, of) -> { });
        assertThat(tried.ways().get(0).recipe().blank().species().id()).isEqualTo("white-oak");
        assertThat(tried.ways()).extracting(WaySearch.Way::ofThisWood).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(tried.ways()).filteredOn(way -> !way.recipe().blank().species().id().equals("white-oak"))
                .isNotEmpty().extracting(WaySearch.Way::ofThisWood).containsOnly(0);
    }

    private static Wanted wish(Order order) {
        return new Wanted(new WantedPiece(new Bend(250, 180), 10, 25), 0.5, order);
    }

    private static Trial held(long id, double steamMinutes, double soakHours) {
        Recipe recipe = Recipes.ash().species("white-oak").moisture(8).thickness(10).radius(250).steamed();
        SteamBox steam = ((SteamBox) recipe.method()).withSteamMinutes(steamMinutes).withSoakHours(soakHours);
        return new Trial(id, recipe.withMethod(steam), Outcome.clean(), OptionalDouble.empty());
    }

    @Test
    void an_impossible_bend_has_no_way_but_a_nearest_one() {
        AtHand cedar = new AtHand(List.of(SpeciesCatalogue.published().require("western-redcedar")),
                List.of(Seasoning.KILN_DRIED), List.of(), List.of(Support.NONE), false, List.of(MethodKind.STEAM_BOX), List.of());
        Found found = new WaySearch(TABLES).find(new Wanted(new WantedPiece(new Bend(50, 180), 25, 25), 0.9, Order.QUICKEST), cedar, (at, of) -> { });
        assertThat(found.ways()).isEmpty();
        assertThat(found.nearest()).isPresent();
        assertThat(found.fellOut()).extracting(WaySearch.FellOut::because).containsExactly(Term.CURVE);
    }

    /** Of steam alone in green ash 40 mm thick: a quarter of an hour may do by computation, but three quarters an inch is the shortest any school says. */
    @Test
    void what_every_school_calls_too_short_is_offered_after_what_is_slower() {
        AtHand green = new AtHand(List.of(SpeciesCatalogue.published().require("white-ash")), List.of(Seasoning.GREEN),
                List.of(40.0), List.of(Support.NONE), false, List.of(MethodKind.STEAM_BOX), List.of());
        Wanted gentle = new Wanted(new WantedPiece(new Bend(2000, 60), 40, 40), 0.8, Order.QUICKEST);
        Found found = new WaySearch(TABLES).find(gentle, green, (at, of) -> { });
        assertThat(found.looked()).as("15, 30, 60, 120 and 240 minutes").isEqualTo(5);
        assertThat(found.ways()).extracting(way -> steamMinutes(way.recipe()), WaySearch.Way::shorterThanSchools)
                .containsExactly(tuple(120.0, false), tuple(240.0, false));
        Recipe quarter = found.ways().get(0).recipe();
        quarter = quarter.withMethod(((SteamBox) quarter.method()).withSteamMinutes(15));
        assertThat(new Forecaster(TABLES).unbroken(quarter).probability()).as("good enough, too").isGreaterThan(0.8);
    }

    private static double steamMinutes(Recipe recipe) {
        return ((SteamBox) recipe.method()).steamMinutes();
    }

    @Test
    void a_piece_that_curves_both_ways_is_looked_for_among_plates_alone() {
        WantedPiece plate = new WantedPiece(new Bend(700, 26), 3, 200, Shop.USUAL, OptionalDouble.of(8));
        AtHand everything = new AtHand(List.of(Recipes.ash().steamed().blank().species()), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE), true,
                List.of(MethodKind.values()), List.of(2.0));
        Found found = new WaySearch(TABLES).find(new Wanted(plate, 0.5, Order.QUICKEST), everything, (done, of) -> { });
        assertThat(found.looked()).isGreaterThan(20);
        assertThat(found.ways()).isNotEmpty().allSatisfy(way -> {
            assertThat(way.recipe().method().kind()).isEqualTo(MethodKind.PRESSED_PLATE);
            assertThat(way.unbroken().probability()).isGreaterThanOrEqualTo(0.5);
        });
        assertThatThrownBy(() -> new WantedPiece(new Bend(700, 26), 3, 200, Shop.USUAL, OptionalDouble.of(101))).hasMessageContaining("half its width");
        Found flat = new WaySearch(TABLES).find(new Wanted(new WantedPiece(new Bend(700, 26), 3, 200), 0.5, Order.QUICKEST), everything, (done, of) -> { });
        assertThat(flat.ways()).noneMatch(way -> way.recipe().method().kind() == MethodKind.PRESSED_PLATE);
    }
}
