package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Blemish;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.HotPipe;
import brachion.core.method.KerfBending;
import brachion.core.method.Kerfs;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SoakAdditive;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What spoils a piece that holds: computed, and scaled by what the shop has seen. */
class BlemishForecastTest {

    private static final Recipe STACK = Recipes.ash().moisture(8).thickness(2).radius(200).laminated(6);

    private static Recipe onThePipe(double celsius, boolean wetted) {
        return Recipes.ash().moisture(10).thickness(2.5).radius(60).steamed().withMethod(new HotPipe(
                new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(1)), new Heating(StageKind.HOT_PIPE, 3, celsius),
                new Stage.Contact(0.5, wetted), HotPipe.By.HANDS));
    }

    private static Recipe sawn(double pitchMm) {
        return Recipes.ash().moisture(8).thickness(12.7).radius(76).steamed().withMethod(new KerfBending(new Kerfs(3.2, 1.6, pitchMm), KerfBending.Board.SOLID, Optional.empty()));
    }

    private static Map<Blemish, BlemishForecast> forecast(List<Trial> trials, Recipe recipe) {
        return new Forecaster(RiskModel.fit(trials)).forecast(recipe).blemishes().stream().collect(Collectors.toMap(BlemishForecast::blemish, Function.identity()));
    }

    private static Stream<Trial> ended(Recipe recipe, int clean, Flaw flaw, int spoilt) {
        return Stream.concat(IntStream.range(0, clean).mapToObj(i -> new Trial(recipe, Outcome.clean())),
                IntStream.range(0, spoilt).mapToObj(i -> new Trial(recipe, Outcome.damaged(Severity.FLAW, flaw))));
    }

    @Test
    void a_hotter_pipe_and_a_drier_face_scorch_more_often() {
        double usual = forecast(List.of(), onThePipe(130, true)).get(Blemish.SCORCH).chance();
        double dry = forecast(List.of(), onThePipe(190, false)).get(Blemish.SCORCH).chance();
        double wet = forecast(List.of(), onThePipe(190, true)).get(Blemish.SCORCH).chance();
        assertThat(usual).isLessThan(0.01);
        assertThat(dry).isGreaterThan(wet).isGreaterThan(10 * usual);
    }

    /** Facets of 0.06 and 0.23 mm, worked out by circle arithmetic: pitch over eight outer radii. */
    @Test
    void wide_cuts_show_and_close_ones_do_not() {
        assertThat(forecast(List.of(), sawn(6.35)).get(Blemish.FACETS).chance()).isCloseTo(1 / (1 + Math.exp((0.2 - 6.35 * 6.35 / (8 * 88.7)) / 0.05)), within(1e-9)).isLessThan(0.1);
        assertThat(forecast(List.of(), sawn(12.7)).get(Blemish.FACETS).chance()).isGreaterThan(0.5);
    }

    /** Thirty records of which 0.9 were to creep and 5 did: the odds are scaled by 6/1.9. */
    @Test
    void what_the_shop_has_seen_scales_what_is_computed() {
        BlemishForecast crept = forecast(ended(STACK, 25, Flaw.PLIES_CREPT, 5).toList(), STACK).get(Blemish.PLIES_CREPT);
        double odds = 0.03 / 0.97 * 6 / 1.9;
        assertThat(crept.chance()).isCloseTo(odds / (1 + odds), within(1e-9));
        assertThat(crept.seen()).isEqualTo(5);
        assertThat(crept.of()).isEqualTo(30);
        BlemishForecast stuck = forecast(ended(STACK, 60, Flaw.SCORCH, 0).toList(), STACK).get(Blemish.STUCK_TO_FORM);
        assertThat(stuck.chance()).as("sixty came off").isLessThan(0.007);
    }

    @Test
    void what_is_spoilt_is_not_clean_but_it_is_unbroken() {
        Forecast close = new Forecaster(RiskModel.withoutRecords()).forecast(sawn(6.35));
        Forecast wide = new Forecaster(RiskModel.withoutRecords()).forecast(sawn(11));
        assertThat(wide.clean().probability()).isLessThanOrEqualTo(1 - wide.blemishes().get(0).chance()).isLessThan(close.clean().probability() - 0.2);
        assertThat(close.unbroken().probability()).isGreaterThan(close.clean().probability());
    }

    @Test
    void records_of_another_way_say_nothing_of_it_and_solid_wood_in_steam_has_none() {
        List<Trial> crept = ended(STACK, 5, Flaw.PLIES_CREPT, 5).toList();
        assertThat(forecast(crept, sawn(6.35)).get(Blemish.FACETS).of()).isZero();
        assertThat(forecast(crept, Recipes.ash().steamed())).isEmpty();
    }
}
