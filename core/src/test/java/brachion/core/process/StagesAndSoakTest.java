package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.process.ProbeRecord.Reading;
import java.util.List;
import org.junit.jupiter.api.Test;

class StagesAndSoakTest {

    private static final Piece QUARTER_INCH = new Piece(0.6, 6.35, Double.POSITIVE_INFINITY, 8, 18);

    @Test
    void a_probe_that_never_moved_is_the_same_as_one_temperature() {
        Stage even = Stage.of(StageKind.STEAM_BOX, 1800, 95);
        SectionField byProbe = new ProcessSimulation(QUARTER_INCH)
                .run(even.recordedBy(new ProbeRecord(List.of(new Reading(0, 95), new Reading(900, 95)))));
        SectionField byNumber = new ProcessSimulation(QUARTER_INCH).run(even);
        assertThat(byProbe.coreC()).isEqualTo(byNumber.coreC());
        assertThat(byProbe.meanMoisturePercent()).isEqualTo(byNumber.meanMoisturePercent());
    }

    /** The core of thin stock follows a slow ramp: after the first minutes it lags by the same few degrees. */
    @Test
    void the_core_follows_a_chamber_that_warms_slowly() {
        ProbeRecord ramp = new ProbeRecord(List.of(new Reading(0, 18), new Reading(3600, 98)));
        ProcessSimulation piece = new ProcessSimulation(QUARTER_INCH);
        SectionField half = piece.run(Stage.of(StageKind.STEAM_BOX, 1800, 98).recordedBy(ramp));
        // quasi-steady lag of a slab: rate·(half thickness)²/(2a), a about 1.7e-7 m²/s, and the film's share
        assertThat(ramp.at(1800) - half.coreC()).isBetween(0.3, 3.0);
    }

    /** The smallest number above zero is a time, too; dividing by it must not leave a section of no numbers. */
    @Test
    void a_stage_of_no_time_changes_nothing() {
        ProcessSimulation piece = new ProcessSimulation(QUARTER_INCH);
        SectionField before = piece.field();
        SectionField after = piece.run(Stage.of(StageKind.SOAK, Double.MIN_VALUE, 18));
        assertThat(after.coreC()).isEqualTo(before.coreC());
        assertThat(after.meanMoisturePercent()).isEqualTo(before.meanMoisturePercent());
        assertThat(piece.run(Stage.of(StageKind.STEAM_BOX, 1800, 98)).coreC()).isCloseTo(98, within(0.1));
    }

    @Test
    void a_probe_record_must_run_forward_and_hold_something() {
        assertThatThrownBy(() -> new ProbeRecord(List.of())).hasMessageContaining("at least one");
        assertThatThrownBy(() -> new ProbeRecord(List.of(new Reading(60, 90), new Reading(30, 91))))
                .hasMessageContaining("60.0 s comes 30.0 s");
        ProbeRecord record = new ProbeRecord(List.of(new Reading(60, 90), new Reading(120, 96)));
        assertThat(record.at(0)).isEqualTo(90);
        assertThat(record.at(90)).isEqualTo(93);
        assertThat(record.at(1e6)).isEqualTo(96);
    }

    /** Common practice: an overnight soak takes 4 mm hardwood to about 28 %. */
    @Test
    void a_thin_strip_is_wet_overnight_and_an_inch_is_not() {
        SoakTimes thin = SoakTimes.of(new Piece(0.6, 4, Double.POSITIVE_INFINITY, 10, 18), 18, 28, 26);
        SoakTimes inch = SoakTimes.of(new Piece(0.6, 25, Double.POSITIVE_INFINITY, 10, 18), 18, 20, 15);
        assertThat(thin.meanAfterS().orElseThrow() / 3600).isBetween(6.0, 14.0);
        assertThat(inch.meanAfterS().orElseThrow() / 3600).isGreaterThan(48);
        assertThat(inch.coreAfterS().orElseThrow()).isGreaterThan(inch.meanAfterS().orElseThrow());
    }

    /** Diffusion times go with the square of the thickness. */
    @Test
    void twice_as_thick_soaks_four_times_as_long() {
        double one = SoakTimes.of(new Piece(0.6, 6, Double.POSITIVE_INFINITY, 10, 18), 18, 22, 20).meanAfterS().orElseThrow();
        double two = SoakTimes.of(new Piece(0.6, 12, Double.POSITIVE_INFINITY, 10, 18), 18, 22, 20).meanAfterS().orElseThrow();
        assertThat(two / one).isCloseTo(4, within(0.2));
    }

    @Test
    void more_than_the_walls_hold_cannot_be_soaked_in() {
        assertThatThrownBy(() -> SoakTimes.of(QUARTER_INCH, 18, 45, 20)).hasMessageContaining("29.5 %").hasMessageContaining("45");
    }

    /** Steam tables: water boils at 95.0 °C at 1500 m and 90.0 °C at 3000 m of the standard atmosphere. */
    @Test
    void water_boils_earlier_up_the_hill() {
        assertThat(BoilingPoint.celsius(0)).isCloseTo(100.0, within(0.1));
        assertThat(BoilingPoint.celsius(1500)).isCloseTo(95.0, within(0.2));
        assertThat(BoilingPoint.celsius(3000)).isCloseTo(90.0, within(0.3));
    }
}
