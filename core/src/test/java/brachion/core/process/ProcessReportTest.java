package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.process.ProcessTimes.Governor;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProcessReportTest {

    @Test
    void wet_stock_waits_for_heat_and_kiln_dried_stock_for_water() {
        ProcessTimes wet = report(12, 20, 0).times();
        ProcessTimes dry = report(12, 8, 0).times();
        assertThat(wet.governedBy()).isEqualTo(Governor.HEAT);
        assertThat(dry.governedBy()).isEqualTo(Governor.WATER);
        assertThat(wet.softAfterS().orElseThrow()).isLessThan(20 * 60);
        assertThat(dry.softAfterS().orElse(Double.MAX_VALUE)).isGreaterThan(4 * wet.softAfterS().orElseThrow());
    }

    @Test
    void a_soak_cuts_the_steaming_of_thin_kiln_dried_stock_to_that_of_wet_stock() {
        ProcessTimes soaked = report(4, 8, 14).times();
        assertThat(soaked.governedBy()).isEqualTo(Governor.HEAT);
        assertThat(soaked.softAfterS().orElseThrow()).isLessThan(report(4, 8, 0).times().softAfterS().orElseThrow() / 3);
    }

    /** Common practice: about 30 seconds for thin stock. */
    @Test
    void thin_stock_must_be_clamped_within_about_half_a_minute_and_thick_stock_gives_more_time() {
        double thin = report(6, 16, 0).times().carryLimitS().orElseThrow();
        double thick = report(25, 16, 0).times().carryLimitS().orElseThrow();
        assertThat(thin).isBetween(10.0, 45.0);
        assertThat(thick).isGreaterThan(thin);
    }

    /** Common practice: ten minutes on the form until cold for thin stock, an hour for thick. */
    @Test
    void thin_stock_is_cold_on_the_form_in_minutes_and_thick_stock_in_an_hour_or_two() {
        assertThat(report(6, 16, 0).times().coldAfterS().orElseThrow()).isBetween(4 * 60.0, 20 * 60.0);
        assertThat(report(25, 16, 0).times().coldAfterS().orElseThrow()).isBetween(30 * 60.0, 120 * 60.0);
    }

    @Test
    void drying_passes_ten_per_cent_before_eight_and_never_reaches_what_the_air_does_not_allow() {
        ProcessTimes dryShop = report(12, 20, 0, 0.35).times();
        assertThat(dryShop.below10AfterS().orElseThrow()).isLessThan(dryShop.below8AfterS().orElseThrow());
        assertThat(report(12, 20, 0, 0.65).times().below8AfterS()).isEmpty();
    }

    @Test
    void every_stage_has_its_picture_from_first_to_last_moment() {
        ProcessReport report = report(12, 10, 6);
        assertThat(report.stages()).extracting(s -> s.stage().kind()).containsExactly(
                StageKind.SOAK, StageKind.STEAM_BOX, StageKind.CARRY, StageKind.FORM, StageKind.RACK);
        assertThat(report.stages()).allSatisfy(stage -> {
            assertThat(stage.frames().get(0).seconds()).isZero();
            assertThat(stage.frames().get(stage.frames().size() - 1).seconds())
                    .isCloseTo(stage.stage().seconds(), within(1e-6));
            assertThat(stage.frames()).hasSizeBetween(3, 40);
        });
    }

    @Test
    void stages_out_of_order_or_missing_are_refused() {
        Piece piece = new Piece(0.6, 12, 50, 12, 18);
        Stage steam = Stage.of(StageKind.STEAM_BOX, 3600, 98);
        Stage soak = Stage.of(StageKind.SOAK, 3600, 18);
        assertThatThrownBy(() -> ProcessReport.of(piece, List.of(steam, soak))).hasMessageContaining("order of work");
        assertThatThrownBy(() -> ProcessReport.of(piece, List.of(soak, steam))).hasMessageContaining("form and a rack");
    }

    /** The rules of thumb as they are told, for three quarters of an inch. */
    @Test
    void schools_disagree_about_the_same_piece() {
        assertThat(SteamingSchool.THREE_QUARTERS_AN_INCH.minutes(19.05)).isCloseTo(33.75, within(1e-9));
        assertThat(SteamingSchool.HOUR_AN_INCH.minutes(19.05)).isCloseTo(45, within(1e-9));
        assertThat(SteamingSchool.FLAT_HOUR.minutes(19.05)).isEqualTo(60);
        assertThat(SteamingSchool.TWO_HOURS.minutes(6)).isEqualTo(120);
    }

    private static ProcessReport report(double thicknessMm, double moisture, double soakHours) {
        return report(thicknessMm, moisture, soakHours, 0.4);
    }

    private static ProcessReport report(double thicknessMm, double moisture, double soakHours, double humidity) {
        List<Stage> plan = new ArrayList<>();
        if (soakHours > 0) {
            plan.add(Stage.of(StageKind.SOAK, soakHours * 3600, 18));
        }
        plan.add(Stage.of(StageKind.STEAM_BOX, 3600, 98));
        plan.add(Stage.of(StageKind.CARRY, 20, 18));
        plan.add(new Stage(StageKind.FORM, 86_400, 18, 18, humidity));
        plan.add(new Stage(StageKind.RACK, 14 * 86_400, 18, 18, humidity));
        return ProcessReport.of(new Piece(0.55, thicknessMm, 40, moisture, 18), plan);
    }
}
