package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.forecast.WaySearch.AtHand;
import brachion.core.forecast.WaySearch.Found;
import brachion.core.forecast.WaySearch.Support;
import brachion.core.forecast.WaySearch.Wanted;
import brachion.core.method.Bend;
import brachion.core.method.MethodKind;
import brachion.core.method.Seasoning;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Term;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class WaySearchTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final AtHand EVERYTHING = new AtHand(SpeciesCatalogue.published().all(), List.of(Seasoning.values()),
            List.of(), List.of(Support.values()), true, List.of(MethodKind.values()), List.of(1.6, 3.2));

    @Test
    void finds_ways_that_the_forecast_agrees_with_and_says_why_the_others_fell_out() {
        Wanted crook = new Wanted(new Bend(90, 190), 20, 20, 0.85);
        List<Integer> done = new ArrayList<>();
        Found found = new WaySearch(TABLES).find(crook, EVERYTHING, (at, of) -> done.add(at));
        assertThat(found.looked()).isGreaterThan(3000);
        assertThat(found.ways()).isNotEmpty().hasSizeLessThanOrEqualTo(12).allSatisfy(way -> {
            assertThat(way.unbroken().probability()).isGreaterThanOrEqualTo(0.85);
            assertThat(new Forecaster(TABLES).unbroken(way.recipe())).isEqualTo(way.unbroken());
        });
        assertThat(found.ways()).isSortedAccordingTo((a, b) -> Double.compare(a.hours(), b.hours()));
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
        Found found = new WaySearch(TABLES).find(new Wanted(new Bend(250, 180), 10, 25, 0.8), ashNoStrap, (at, of) -> { });
        assertThat(found.looked()).isEqualTo(10);
        assertThat(found.ways()).hasSize(2).allSatisfy(way ->
                assertThat(way.recipe().blank().species().id()).isEqualTo("white-ash"));
    }

    @Test
    void an_impossible_bend_has_no_way_but_a_nearest_one() {
        AtHand cedar = new AtHand(List.of(SpeciesCatalogue.published().require("western-redcedar")),
                List.of(Seasoning.KILN_DRIED), List.of(), List.of(Support.NONE), false, List.of(MethodKind.STEAM_BOX), List.of());
        Found found = new WaySearch(TABLES).find(new Wanted(new Bend(50, 180), 25, 25, 0.9), cedar, (at, of) -> { });
        assertThat(found.ways()).isEmpty();
        assertThat(found.nearest()).isPresent();
        assertThat(found.fellOut()).extracting(WaySearch.FellOut::because).containsExactly(Term.CURVE);
    }
}
