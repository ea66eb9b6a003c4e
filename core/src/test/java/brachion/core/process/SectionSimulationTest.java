package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import brachion.core.wood.HeatProperties;
import brachion.core.wood.SiauDiffusion;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The section simulation against analytic series, conservation, independent numbers and its own refinement. */
class SectionSimulationTest {

    private static final double GRAVITY = 0.60;
    private static final double WIDE = Double.POSITIVE_INFINITY;

    /** Worked values of the diffusion formula. */
    @ParameterizedTest
    @CsvSource({"12, 300, 4.40e-11", "20, 371.15, 1.12e-9"})
    void diffusion_has_its_worked_values(double moisture, double kelvin, double expected) {
        assertThat(SiauDiffusion.transverse(GRAVITY, kelvin - 273.15, moisture))
                .isCloseTo(expected, within(0.005 * expected));
    }

    /**
     * Slab with surfaces suddenly at a new temperature: (T − T1)/(T0 − T1) = Σ 4/((2n+1)π)·(−1)^n·exp(−(2n+1)²π²Fo/4)
     * at the centre (Carslaw and Jaeger, Conduction of Heat in Solids, 2nd ed., section 3.4). The step is small, so
     * that the properties are nearly constant.
     */
    @ParameterizedTest
    @CsvSource({"0.1", "0.3", "0.6", "1.0"})
    void a_slab_warms_as_the_analytic_series_says(double fourier) {
        double halfM = 0.0125;
        double diffusivity = HeatProperties.conductivity(GRAVITY, 12)
                / HeatProperties.volumetricHeatCapacity(GRAVITY, 20.5, 12);
        double seconds = fourier * halfM * halfM / diffusivity;
        ProcessSimulation slab = fine(new Piece(GRAVITY, 25, WIDE, 12, 20));
        slab.run(Surroundings.all(Surface.heatOnly(1e7, 21)), seconds, (at, field) -> true);
        assertThat(slab.field().coreC() - 20).isCloseTo(1 - slabCentre(fourier), within(0.005));
    }

    /** The bar's solution is the product of its two slabs' (the same book, section 5.6). */
    @ParameterizedTest
    @CsvSource({"0.2", "0.5", "1.0"})
    void a_bar_warms_as_the_product_of_two_slabs(double fourier) {
        double halfM = 0.0125;
        double diffusivity = HeatProperties.conductivity(GRAVITY, 12)
                / HeatProperties.volumetricHeatCapacity(GRAVITY, 20.5, 12);
        double seconds = fourier * halfM * halfM / diffusivity;
        ProcessSimulation bar = fine(new Piece(GRAVITY, 25, 50, 12, 20));
        bar.run(Surroundings.all(Surface.heatOnly(1e7, 21)), seconds, (at, field) -> true);
        assertThat(bar.field().coreC() - 20)
                .isCloseTo(1 - slabCentre(fourier) * slabCentre(fourier / 4), within(0.005));
    }

    private static double slabCentre(double fourier) {
        double sum = 0;
        for (int n = 0; n < 60; n++) {
            double odd = 2 * n + 1;
            sum += 4 / (odd * Math.PI) * (n % 2 == 0 ? 1 : -1) * Math.exp(-odd * odd * Math.PI * Math.PI * fourier / 4);
        }
        return sum;
    }

    @Test
    void closed_faces_let_no_water_out() {
        ProcessSimulation piece = new ProcessSimulation(new Piece(GRAVITY, 20, 40, 12, 18));
        piece.run(Stage.of(StageKind.SOAK, 6 * 3600, 18));
        double before = piece.field().meanMoisturePercent();
        piece.run(Surroundings.all(Surface.heatOnly(400, 98)), 20 * 3600, (at, field) -> true);
        assertThat(before).isGreaterThan(13);
        assertThat(piece.field().meanMoisturePercent()).isCloseTo(before, within(1e-9 * before));
    }

    /** Independent numbers, thickness direction, G 0.60, start 18 °C, wide stock; to 3 % or 0.3 units. */
    @Test
    void kiln_dried_quarter_inch_is_hot_but_still_hard_after_fifteen_minutes() {
        SectionField field = steamed(6.35, 8, 15);
        near(field.coreC(), 98.0);
        near(field.coreMoisturePercent(), 8.0);
        near(field.meanMoisturePercent(), 9.7);
        assertThat(field.coreSoftness()).isCloseTo(0.39, within(0.03));
        assertThat(field.meanSoftness()).isCloseTo(0.55, within(0.03));
    }

    @Test
    void two_hours_of_steam_wet_kiln_dried_quarter_inch() {
        SectionField field = steamed(6.35, 8, 120);
        near(field.coreMoisturePercent(), 13.8);
        near(field.meanMoisturePercent(), 15.4);
        assertThat(field.coreSoftness()).isCloseTo(0.84, within(0.03));
        assertThat(field.meanSoftness()).isCloseTo(0.87, within(0.03));
    }

    @Test
    void wet_quarter_inch_only_has_to_get_hot() {
        assertThat(steamed(6.35, 20, 15).coreSoftness()).isCloseTo(0.93, within(0.02));
    }

    @Test
    void an_hour_an_inch_heats_kiln_dried_inch_stock_and_leaves_it_half_hard() {
        SectionField field = steamed(25, 8, 60);
        near(field.coreC(), 97.9);
        near(field.coreMoisturePercent(), 8.0);
        assertThat(field.meanSoftness()).isCloseTo(0.48, within(0.03));
    }

    @ParameterizedTest(name = "after {0} s: face {1} °C, softness {2}")
    @CsvSource({"10, 81.3, 0.77", "30, 71.0, 0.51", "60, 60.3, 0.18"})
    void thin_stock_stiffens_within_seconds_of_the_pull(double seconds, double faceC, double softness) {
        ProcessSimulation piece = new ProcessSimulation(new Piece(GRAVITY, 6, WIDE, 14, 18));
        piece.run(Stage.of(StageKind.STEAM_BOX, 1800, 98));
        SectionField field = piece.run(Stage.of(StageKind.CARRY, seconds, 18));
        near(field.outerFaceC(), faceC);
        assertThat(field.meanSoftness()).isCloseTo(softness, within(0.03));
    }

    /** Common practice: an overnight soak takes 4 mm hardwood to about 28 %. */
    @Test
    void an_overnight_soak_fills_thin_stock() {
        SectionField field = new ProcessSimulation(new Piece(GRAVITY, 4, WIDE, 10, 18))
                .run(Stage.of(StageKind.SOAK, 12 * 3600, 18));
        near(field.meanMoisturePercent(), 29);
    }

    /** Common practice: two weeks for half-inch stock. */
    @Test
    void half_inch_stock_dries_in_about_two_weeks() {
        ProcessSimulation piece = new ProcessSimulation(new Piece(GRAVITY, 12, WIDE, 25, 18));
        Stage week = new Stage(StageKind.RACK, 7 * 86_400, 20, 20, 0.40);
        near(piece.run(week).meanMoisturePercent(), 12.8);
        near(piece.run(week).meanMoisturePercent(), 9.9);
    }

    private static void near(double actual, double expected) {
        assertThat(actual).isCloseTo(expected, within(Math.max(0.3, 0.03 * expected)));
    }

    private static SectionField steamed(double thicknessMm, double moisture, double minutes) {
        return new ProcessSimulation(new Piece(GRAVITY, thicknessMm, WIDE, moisture, 18))
                .run(Stage.of(StageKind.STEAM_BOX, minutes * 60, 98));
    }

    @Test
    void the_working_grid_is_within_one_per_cent_of_a_fine_one() {
        Piece piece = new Piece(GRAVITY, 25, 50, 8, 18);
        ProcessSimulation working = new ProcessSimulation(piece);
        ProcessSimulation fine = new ProcessSimulation(piece, Physics.USUAL, 48, 20, 0.1);
        for (Stage stage : new Stage[] {Stage.of(StageKind.SOAK, 12 * 3600, 18), Stage.of(StageKind.STEAM_BOX, 7200, 98),
            Stage.of(StageKind.CARRY, 30, 18), Stage.of(StageKind.FORM, 86_400, 18),
            Stage.of(StageKind.RACK, 14 * 86_400, 18)}) {
            SectionField coarse = working.run(stage);
            SectionField exact = fine.run(stage);
            assertThat(coarse.meanMoisturePercent()).as("moisture after " + stage.kind())
                    .isCloseTo(exact.meanMoisturePercent(), within(0.01 * exact.meanMoisturePercent()));
            assertThat(coarse.coreC()).as("core after " + stage.kind()).isCloseTo(exact.coreC(), within(0.3));
            assertThat(coarse.meanSoftness()).as("softness after " + stage.kind())
                    .isCloseTo(exact.meanSoftness(), within(0.01));
        }
    }

    /** Second order in space: halving the cells divides the error by about four; three is asked. */
    @Test
    void finer_cells_bring_the_expected_order() {
        double exact = soakedMean(160);
        double coarse = Math.abs(soakedMean(20) - exact);
        double halved = Math.abs(soakedMean(40) - exact);
        assertThat(coarse / halved).isGreaterThan(3);
    }

    private static double soakedMean(int layers) {
        return new ProcessSimulation(new Piece(GRAVITY, 20, WIDE, 12, 18), Physics.USUAL, layers, 1, 0.05)
                .run(Stage.of(StageKind.STEAM_BOX, 4 * 3600, 98)).meanMoisturePercent();
    }

    @Property(tries = 25)
    void thicker_is_slower_wetter_is_softer_hotter_is_sooner(
            @ForAll @DoubleRange(min = 3, max = 25) double thickness,
            @ForAll @DoubleRange(min = 6, max = 22) double moisture,
            @ForAll @DoubleRange(min = 5, max = 40) double minutes) {
        double softness = softness(thickness, moisture, minutes, 95);
        assertThat(softness(1.2 * thickness, moisture, minutes, 95)).isLessThanOrEqualTo(softness + 0.005);
        assertThat(softness(thickness, moisture + 2, minutes, 95)).isGreaterThanOrEqualTo(softness - 0.005);
        assertThat(softness(thickness, moisture, minutes, 99)).isGreaterThanOrEqualTo(softness - 0.005);
        // steam wets up to about 17 %; stock wetter than that slowly dries in it
        double dryish = Math.min(moisture, 16);
        assertThat(softness(thickness, dryish, 1.3 * minutes, 95))
                .isGreaterThanOrEqualTo(softness(thickness, dryish, minutes, 95) - 0.005);
    }

    private static double softness(double thickness, double moisture, double minutes, double chamber) {
        return new ProcessSimulation(new Piece(GRAVITY, thickness, 50, moisture, 18))
                .run(Stage.of(StageKind.STEAM_BOX, minutes * 60, chamber)).meanSoftness();
    }

    @Test
    void stages_without_time_and_coefficients_below_zero_are_refused() {
        assertThatThrownBy(() -> Stage.of(StageKind.SOAK, 0, 18)).hasMessageContaining("some time");
        assertThatThrownBy(() -> Surface.heatOnly(-5, 18)).hasMessageContaining("-5");
    }

    private static ProcessSimulation fine(Piece piece) {
        return new ProcessSimulation(piece, Physics.USUAL, 40, 20, 0.0005);
    }
}
