package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import brachion.core.bending.StrapLoad;
import brachion.core.method.Bend;
import brachion.core.method.Demand;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import brachion.core.shape.Chain;
import brachion.core.shape.Familiar;
import brachion.core.shape.FittedLine;
import brachion.core.shape.Place;
import brachion.core.shape.Stretch;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import brachion.core.shape.Turn;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChainForecasterTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final ChainForecaster CHAINS = new ChainForecaster(TABLES);
    private static final Recipe ASH = Recipes.ash().thickness(12).moisture(15).radius(200).steamed();

    @Test
    void one_arc_is_forecast_as_the_bend_it_is() {
        Recipe bend = new Recipe(ASH.blank(), new Bend(180, 90), ASH.method(), ASH.names(), ASH.shop());
        Forecast alone = new Forecaster(TABLES).forecast(bend);
        ChainForecast chain = CHAINS.forecast(ASH, Familiar.SINGLE.chain(180, 90), false);
        assertThat(chain.whole()).isEqualTo(alone.unbroken());
        assertThat(chain.bends().get(0).ratio()).isCloseTo(alone.modes().get(0).ratio(), within(1e-9));
        assertThat(((Arc) chain.formed().stretches().get(1)).innerRadiusMm()).isCloseTo(alone.springback().formRadiusMm(), within(0.5));
    }

    @Test
    void two_bends_hold_less_often_than_one_and_no_less_than_if_they_broke_independently() {
        double one = CHAINS.forecast(ASH, Familiar.SINGLE.chain(180, 90), false).whole().probability();
        ChainForecast two = CHAINS.forecast(ASH, Familiar.U.chain(180, 90), false);
        assertThat(two.whole().probability()).isBetween(two.eachForItself(), two.asWorst());
        assertThat(two.asWorst()).isCloseTo(one, within(0.003));
        assertThat(two.eachForItself()).as("what is not known of the stick is shared, so more than the square").isBetween(one * one, one);
        assertThat(two.whole().low()).isLessThanOrEqualTo(two.whole().probability());
    }

    @Test
    void the_widest_bend_hardly_counts_and_the_tightest_decides() {
        Chain chain = new Chain(List.of(new Arc(2500, 40, Turn.LEFT), new Straight(100), new Arc(150, 90, Turn.LEFT)));
        ChainForecast both = CHAINS.forecast(ASH, chain, false);
        assertThat(both.bends().get(1).odds().probability()).isLessThan(both.bends().get(0).odds().probability());
        assertThat(both.whole().probability()).isCloseTo(both.bends().get(1).odds().probability(), within(0.03));
        assertThat(both.nearBreaking().get(1)).isZero();
        assertThat(both.nearBreaking().get(2)).isGreaterThan(both.nearBreaking().get(0));
    }

    /** Of more radii than are computed, each stands between those that are. */
    @Test
    void of_many_radii_each_asks_what_a_bend_of_that_radius_asks() {
        List<Stretch> stretches = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            stretches.add(new Straight(60));
            stretches.add(new Arc(160 * Math.pow(1.13, (5 * i) % 14), 6, Turn.LEFT));
        }
        ChainForecast chain = CHAINS.forecast(ASH, new Chain(stretches), false);
        assertThat(chain.bends()).hasSize(14).extracting(each -> Math.round(each.ratio() * 1e6)).doesNotHaveDuplicates();
        chain.bends().forEach(each -> {
            double radius = each.bend().tightestMm();
            Forecast alone = new Forecaster(TABLES).forecast(new Recipe(ASH.blank(), new Bend(radius, 84), ASH.method(), ASH.names(), ASH.shop()));
            assertThat(each.ratio()).as("at %s mm", radius).isCloseTo(alone.modes().get(0).ratio(), withinPercentage(1));
            assertThat(each.formRadiusMm()).as("at %s mm", radius).isCloseTo(alone.springback().formRadiusMm(), withinPercentage(1));
            int place = each.bend().first();
            assertThat(chain.nearBreaking().get(place)).as("at %s mm", radius).isCloseTo(alone.modes().get(0).ratio(), withinPercentage(1));
            assertThat(((Arc) chain.formed().stretches().get(place)).innerRadiusMm()).as("at %s mm", radius)
                    .isCloseTo(alone.springback().formRadiusMm(), withinPercentage(1));
        });
    }

    @Test
    void a_strap_on_one_face_leaves_the_other_bend_of_an_s_bare() {
        Recipe strapped = Recipes.ash().thickness(25).moisture(18).radius(150).steelStrap(1.5, 0).steamed();
        Chain s = Familiar.S.chain(150, 80);
        ChainForecast oneFace = CHAINS.forecast(strapped, s, false);
        ChainForecast turned = CHAINS.forecast(strapped, s, true);
        assertThat(oneFace.bends()).extracting(ChainForecast.BendOfChain::bareFace).containsExactly(false, true);
        assertThat(oneFace.bends().get(1).odds().probability()).isLessThan(oneFace.bends().get(0).odds().probability() - 0.1);
        assertThat(turned.bends()).extracting(ChainForecast.BendOfChain::bareFace).containsExactly(false, false);
        assertThat(turned.whole().probability()).isGreaterThan(oneFace.whole().probability());
    }

    @Test
    void the_strap_bears_what_the_bend_that_asks_most_of_it_asks() {
        Recipe strapped = Recipes.ash().thickness(25).moisture(18).radius(150).steelStrap(1.5, 0).steamed();
        Demand alone = new Forecaster(TABLES).forecast(strapped.withBend(new Bend(150, 80))).typical();
        ChainForecast chain = CHAINS.forecast(strapped, new Chain(List.of(new Arc(400, 40, Turn.LEFT), new Straight(80), new Arc(150, 80, Turn.LEFT))), false);
        StrapLoad load = chain.strap().orElseThrow();
        assertThat(load.pullN()).isEqualTo(alone.section().strapPullN(alone.state())).isPositive();
        assertThat(load.endPressureMpa()).isCloseTo(load.pullN() / (25 * strapped.blank().widthMm()), within(1e-9));
        assertThat(CHAINS.forecast(ASH, Familiar.S.chain(180, 60), false).strap()).isEmpty();
    }

    @Test
    void a_chain_of_straights_cannot_break() {
        ChainForecast straight = CHAINS.forecast(ASH, new Chain(List.of(new Straight(500))), false);
        assertThat(straight.whole()).isEqualTo(new Odds(1, 1, 1));
        assertThat(straight.bends()).isEmpty();
    }

    @Test
    void many_small_arcs_of_a_fitted_line_are_asked_where_it_is_tightest() {
        List<Place> ellipse = new ArrayList<>();
        for (int i = 0; i <= 40; i++) {
            double angle = Math.PI * i / 40;
            ellipse.add(new Place(420 * Math.cos(angle), 300 * Math.sin(angle)));
        }
        Chain chain = Chain.along(FittedLine.through(ellipse, 0.1).line(), 12);
        ChainForecast answer = CHAINS.forecast(ASH, chain, false);
        assertThat(answer.bends()).hasSize(1);
        assertThat(answer.nearBreaking()).hasSameSizeAs(chain.stretches());
        double worst = answer.nearBreaking().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        assertThat(worst).as("interpolated between radii, asked exactly").isCloseTo(answer.bends().get(0).ratio(), within(0.01));
        assertThat(answer.formed().middle(12).lengthMm()).isCloseTo(chain.middle(12).lengthMm(), within(1e-6));
    }
}
