package brachion.core.bench;

import static brachion.core.bench.Said.START;
import static brachion.core.bench.Said.at;
import static brachion.core.bench.Said.reading;
import static brachion.core.bench.Said.tapped;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bench.Standing.Due;
import brachion.core.bench.Standing.Wood;
import brachion.core.method.HotWood;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.process.ProcessReport;
import brachion.core.process.ProcessTimes;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What the clocks of the bench show; held to the simulation of the forecast, followed as a plan in one go. */
class FollowingTest {

    private static final Recipe ASH = Recipes.ash().thickness(25).steamed();

    private static ProcessTimes asPlanned(Recipe plan) {
        HotWood way = (HotWood) plan.method();
        List<Stage> stages = new ArrayList<>(way.stagesToRelease(plan.shop(), 24));
        stages.add(Stage.unheated(StageKind.RACK, 86_400, plan.shop()));
        return ProcessReport.of(HotWood.piece(plan.blank(), plan.shop()), stages).times();
    }

    @Test
    void it_is_ready_when_the_forecast_says_it_is_soft() {
        Standing standing = standing(ASH, at(100), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 60));
        assertThat(standing.dueIs()).isEqualTo(Due.SOFT);
        assertThat(seconds(standing.due().orElseThrow())).isCloseTo(60 + asPlanned(ASH).softAfterS().orElseThrow(), within(0.01));
        assertThat(standing.countsFrom()).hasValue(at(60));
        assertThat(standing.planned()).hasValue(3600);
    }

    @Test
    void the_seconds_after_the_pull_are_those_of_the_forecast() {
        Recipe thin = Recipes.ash().thickness(6).steamed();
        Standing standing = standing(thin, at(3600.5), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0), tapped(Tap.PULLED, 3600));
        assertThat(standing.dueIs()).isEqualTo(Due.OUTER_FACE_HARD);
        double window = seconds(standing.due().orElseThrow()) - 3600;
        assertThat(window).isCloseTo(asPlanned(thin).carryLimitS().orElseThrow(), within(0.01));
        Standing before = standing(thin, at(3600), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0));
        assertThat(before.wood().orElseThrow().bearsCarryS().orElseThrow()).as("said before it is pulled").isCloseTo(window, within(0.05));
    }

    @Test
    void looking_often_or_once_or_after_a_restart_shows_the_same() {
        PieceLife life = PieceLife.of(ASH, List.of(tapped(Tap.INTO_SOAK, 0), tapped(Tap.INTO_HEAT, 7200), tapped(Tap.AT_HEAT, 7300)));
        Following often = new Following(ASH, GlueAtHand.UNKNOWN);
        Wood last = null;
        for (double second = 7300; second <= 9000; second += 10) {
            last = often.at(life, at(second)).wood().orElseThrow();
        }
        Wood once = new Following(ASH, GlueAtHand.UNKNOWN).at(life, at(9000)).wood().orElseThrow();
        assertThat(last.coreC()).isCloseTo(once.coreC(), within(0.3));
        assertThat(last.moisturePercent()).isCloseTo(once.moisturePercent(), within(0.05));
        assertThat(last.outerSoftness()).isCloseTo(once.outerSoftness(), within(0.01));
        assertThat(often.at(life, at(8000)).wood().orElseThrow().coreC()).as("a clock put back").isLessThan(last.coreC());
    }

    @Test
    void nothing_counts_until_it_is_at_heat_and_a_thermometer_counts_from_the_loading() {
        Standing waiting = standing(ASH, at(1800), tapped(Tap.INTO_HEAT, 0));
        assertThat(waiting.countsFrom()).isEmpty();
        assertThat(waiting.due()).isEmpty();
        Standing slow = standing(ASH, at(1800), tapped(Tap.INTO_HEAT, 0), reading(0, 20), reading(1500, 97));
        assertThat(slow.countsFrom()).hasValue(at(0));
        Standing quick = standing(ASH, at(1800), tapped(Tap.INTO_HEAT, 0), reading(0, 97));
        assertThat(slow.due().orElseThrow()).as("a chamber that comes up slowly").isAfter(quick.due().orElseThrow().plusSeconds(300));
        assertThat(slow.wood().orElseThrow().coreC()).isLessThan(quick.wood().orElseThrow().coreC());
    }

    /** Published practice: kiln-dried stock does not get soft in hours of steam; it only gets hot. */
    @Test
    void stock_too_dry_to_soften_is_said_to_be_hot_through_at_best() {
        Standing thin = standing(Recipes.ash().moisture(6).thickness(25).steamed(), at(60), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0));
        assertThat(seconds(thin.due().orElseThrow())).as("hours after it is hot").isGreaterThan(3 * seconds(thin.hotThrough().orElseThrow()));
        Standing thick = standing(Recipes.ash().moisture(4).thickness(50).steamed(), at(60), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0));
        assertThat(thick.dueIs()).isEqualTo(Due.HOT);
        assertThat(thick.due()).isEqualTo(thick.hotThrough());
        Standing pulled = standing(Recipes.ash().moisture(4).thickness(6).steamed(), at(61), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0),
                tapped(Tap.PULLED, 60));
        assertThat(pulled.dueIs()).as("never soft, so the carry is what was planned").isEqualTo(Due.CARRIED);
        assertThat(pulled.due()).hasValue(at(60 + 5));
    }

    /** A core at 30 °C in a chamber of 30 °C is within three degrees of what heats it, and as cold as the shop in summer. */
    @Test
    void wood_as_warm_as_a_cold_chamber_is_neither_hot_nor_due() {
        for (double celsius : new double[] {30, 60, 80}) {
            Standing cold = standing(ASH, at(3600), tapped(Tap.INTO_HEAT, 0), reading(60, celsius), reading(600, celsius), reading(1200, celsius));
            assertThat(cold.dueIs()).as("%s °C", celsius).isNotEqualTo(Due.HOT);
            assertThat(cold.hotThrough()).as("%s °C", celsius).isEmpty();
        }
        Standing dry = standing(Recipes.ash().moisture(4).thickness(50).steamed(), at(3600), tapped(Tap.INTO_HEAT, 0), reading(60, 96), reading(600, 96));
        assertThat(dry.dueIs()).as("a chamber near its planned heat").isEqualTo(Due.HOT);
    }

    @Test
    void a_glue_up_counts_down_to_the_open_time_of_its_glue_and_then_to_the_morning() {
        Recipe plies = BenchWays.of(MethodKind.COLD_LAMINATION);
        Standing spreading = standing(plies, at(30), tapped(Tap.GLUE_ON, 0));
        assertThat(spreading.dueIs()).isEqualTo(Due.GLUE_CLOSES);
        // PVA stays open 12 minutes at 20 °C and twice as long for each 10 °C less: 13.8 minutes at 18 °C
        assertThat(seconds(spreading.due().orElseThrow())).isCloseTo(12 * Math.pow(2, 0.2) * 60, within(0.01));
        Standing clamped = standing(plies, at(700), tapped(Tap.GLUE_ON, 0), tapped(Tap.CLAMPED, 600));
        assertThat(clamped.dueIs()).isEqualTo(Due.GLUE_SET);
        assertThat(seconds(clamped.due().orElseThrow())).isEqualTo(600 + 16 * 3600);
    }

    @Test
    void on_the_form_it_waits_for_its_hold_and_off_it_for_the_air() {
        Standing held = standing(ASH, at(5000), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0), tapped(Tap.PULLED, 3600), tapped(Tap.CLAMPED, 3610));
        assertThat(held.dueIs()).isEqualTo(Due.HELD);
        assertThat(seconds(held.due().orElseThrow())).isEqualTo(3610 + 86_400);
        Standing drying = standing(ASH, at(100_000), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0), tapped(Tap.PULLED, 3600),
                tapped(Tap.CLAMPED, 3610), tapped(Tap.RELEASED, 90_010));
        assertThat(drying.dueIs()).isEqualTo(Due.DRY);
        double days = seconds(drying.due().orElseThrow()) / 86_400;
        assertThat(days).as("25 mm of 18 per cent in an ordinary shop").isBetween(3.0, 60.0);
    }

    @Test
    void steam_left_on_goes_off_as_planned_unless_it_is_said() {
        Recipe inPlace = BenchWays.of(MethodKind.STEAM_IN_PLACE);
        Tapped[] bent = {tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0), tapped(Tap.CLAMPED, 2400)};
        double planned = inPlace.method().plannedMinutes(StageKind.STEAM_ON).orElseThrow() * 60;
        Wood hot = standing(inPlace, at(2400 + planned - 1), bent).wood().orElseThrow();
        Wood cold = standing(inPlace, at(2400 + planned + 7200), bent).wood().orElseThrow();
        assertThat(hot.coreC()).isGreaterThan(90);
        assertThat(cold.coreC()).isLessThan(30);
        Wood off = standing(inPlace, at(2400 + planned - 1), tapped(Tap.INTO_HEAT, 0), tapped(Tap.AT_HEAT, 0), tapped(Tap.CLAMPED, 2400),
                tapped(Tap.STEAM_OFF, 2401)).wood().orElseThrow();
        assertThat(off.coreC()).isLessThan(hot.coreC() - 20);
    }

    private static Standing standing(Recipe plan, Instant now, Tapped... said) {
        return new Following(plan, GlueAtHand.UNKNOWN).at(PieceLife.of(plan, List.of(said)), now);
    }

    private static double seconds(Instant at) {
        return java.time.Duration.between(START, at).toMillis() / 1000.0;
    }
}
