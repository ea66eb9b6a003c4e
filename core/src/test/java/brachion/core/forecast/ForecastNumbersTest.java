package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.MissingMeasurement.What;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.Sensitivity;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SpringbackModel.Opening;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What stands in a forecast beside the odds, worked out a second time from the fit. */
class ForecastNumbersTest {

    private static final RiskModel RISK = RiskModel.fit(records());
    private static final Forecaster FORECASTER = new Forecaster(RISK);
    private static final Recipe UNMEASURED = Recipes.ash().thickness(14).radius(210).steamedUnmeasured(Seasoning.KILN_DRIED);
    private static final Recipe MEASURED = Recipes.ash().thickness(14).radius(210).moisture(11).grainRun(30).steamed();

    private static List<Trial> records() {
        List<Trial> records = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            records.add(new Trial(Recipes.ash().thickness(10 + i).radius(240).steamed(), i > 8 ? Outcome.damaged(Severity.BROKEN, Flaw.SNAP) : Outcome.clean()));
        }
        return records;
    }

    @Test
    void a_mode_breaks_what_it_breaks_of_all_a_piece_could_be() {
        List<Possible> possible = Possible.of(UNMEASURED);
        Possible typical = Possible.typical(UNMEASURED, possible);
        assertThat(possible).hasSizeGreaterThan(5);
        for (ModeForecast mode : FORECASTER.forecast(UNMEASURED).modes()) {
            double held = possible.stream().mapToDouble(each -> each.weight() * RISK.margin(mode.mode(), Severity.FLAW, each).probability()).sum();
            assertThat(mode.broken()).as("%s", mode.mode()).isCloseTo(1 - held, within(1e-9));
            assertThat(mode.demand()).isEqualTo(RISK.strain(mode.mode(), typical));
            assertThat(mode.ratio()).isEqualTo(RISK.ratio(mode.mode(), typical));
            assertThat(mode.limit() * mode.ratio()).isCloseTo(mode.demand(), within(1e-12));
        }
    }

    @Test
    void a_piece_on_its_form_opens_to_the_radius_asked_for() {
        SpringbackForecast springback = FORECASTER.forecast(MEASURED).springback();
        Opening opening = RISK.springback().opening(Possible.typical(MEASURED));
        assertThat(new double[] {springback.releasedRadiusMm(), springback.releasedRadiusLowMm(), springback.releasedRadiusHighMm(), springback.computedReleasedRadiusMm()})
                .containsExactly(new double[] {210 * opening.middle(), 210 * opening.low(), 210 * opening.high(), 210 * opening.computed()}, within(1e-9));
        Recipe onForm = MEASURED.withInnerRadiusMm(springback.formRadiusMm());
        double opened = springback.formRadiusMm() * RISK.springback().expectedOpening(Possible.typical(onForm));
        assertThat(springback.formRadiusMm()).isLessThan(210);
        assertThat(opened).isCloseTo(210, within(0.5));
        assertThat(FORECASTER.formRadiusMm(Possible.typical(MEASURED))).isCloseTo(springback.formRadiusMm(), within(0.5));
    }

    @Test
    void guesses_are_the_share_of_the_spread_that_the_shops_constants_bring() {
        Forecast forecast = FORECASTER.forecast(MEASURED);
        Possible piece = Possible.typical(MEASURED);
        double all = RISK.margin(forecast.modes().get(0).mode(), Severity.FLAW, piece).sd();
        double known = RISK.margin(forecast.modes().get(0).mode(), Severity.FLAW, new Possible(1, piece.recipe(), piece.demand(), Sensitivity.NONE)).sd();
        assertThat(forecast.evidence().guesses()).isCloseTo((all * all - known * known) / (all * all), within(1e-9)).isBetween(0.01, 0.99);
    }

    @Test
    void a_bend_is_beyond_the_records_in_short_as_at_length() {
        for (double radius : new double[] {60, 120, 240, 900}) {
            Recipe recipe = Recipes.ash().thickness(14).radius(radius).moisture(11).steamed();
            assertThat(FORECASTER.beyondRecords(recipe)).as("at %s", radius).isEqualTo(FORECASTER.forecast(recipe).evidence().beyondRecords());
        }
        assertThat(FORECASTER.beyondRecords(Recipes.ash().thickness(14).radius(60).steamed())).isTrue();
        assertThat(FORECASTER.beyondRecords(Recipes.ash().thickness(11).radius(400).steamed())).isFalse();
    }

    @Test
    void a_measurement_promises_the_range_there_will_be_on_average() {
        Forecast forecast = FORECASTER.forecast(UNMEASURED);
        List<MissingMeasurement> missing = forecast.missing();
        List<Possible> possible = Possible.of(UNMEASURED);
        assertThat(missing).extracting(MissingMeasurement::what).contains(What.MOISTURE, What.GRAIN_SLOPE);
        assertThat(missing).isSortedAccordingTo(Comparator.comparingDouble(MissingMeasurement::widthThen));
        double[] width = {0};
        possible.stream().map(each -> each.recipe().blank().moisturePercent().orElseThrow()).distinct().forEach(percent -> {
            List<Possible> same = possible.stream().filter(each -> each.recipe().blank().moisturePercent().orElseThrow() == percent).toList();
            double weight = same.stream().mapToDouble(Possible::weight).sum();
            Odds odds = OddsSpread.of(RISK, same.stream().map(each -> each.weighing(each.weight() / weight)).toList(), Severity.FLAW).odds();
            width[0] += weight * (odds.high() - odds.low());
        });
        Odds asIs = forecast.unbroken();
        assertThat(missing).allSatisfy(each -> {
            assertThat(each.widthNow()).isCloseTo(asIs.high() - asIs.low(), within(0.03));
            assertThat(each.widthThen()).isLessThanOrEqualTo(each.widthNow());
        });
        assertThat(missing).filteredOn(each -> each.what() == What.MOISTURE).singleElement()
                .satisfies(each -> assertThat(each.widthThen()).isCloseTo(Math.min(width[0], asIs.high() - asIs.low()), within(0.03)));
        assertThat(FORECASTER.forecast(MEASURED).missing()).extracting(MissingMeasurement::what).doesNotContain(What.MOISTURE, What.GRAIN_SLOPE);
    }
}
