package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.Diagnosis;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.SideBySide;
import brachion.core.method.PressedPlate.Bag;
import brachion.core.method.PressedPlate.Between;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a plate pressed to a curve both ways is asked, beside arc lengths worked apart, and how its odds go. */
class PressedPlateTest {

    private static final Percentage TWO_PERCENT = Percentage.withPercentage(2);
    private static final double WIDTH_MM = 200;
    private static final Marks MARKS = new Marks(5, 0.5);
    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Forecaster FORECASTER = new Forecaster(TABLES);

    private static PressedPlate pressed(double riseMm, double minutes) {
        return new PressedPlate(new Handling(0.25, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty()),
                new Heating(StageKind.HOT_BATH, minutes, 96), riseMm, WIDTH_MM, 3, Between.METAL_SHEETS, Bag.BAGGED);
    }

    private static Recipe recipe(PressedPlate plate, double radius, double angle, double thickness) {
        Blank ash = Recipes.ash().moisture(10).thickness(thickness).steamed().blank();
        Blank wide = new Blank(ash.species(), ash.seasoning(), ash.moisturePercent(), ash.growthRings(), ash.grainRun(), ash.knots(), thickness, WIDTH_MM);
        return new Recipe(wide, new Bend(radius, angle), plate);
    }

    private static Recipe usual() {
        return recipe(pressed(12, 30), 600, 30, 4);
    }

    private static double odds(Recipe recipe) {
        return FORECASTER.unbroken(recipe).probability();
    }

    /** The first term of the arc length of a parabola, 8/3·(rise/span)² (any handbook of mathematics). */
    @ParameterizedTest
    @CsvSource({"20, 300, 0.0119", "15, 400, 0.00375"})
    void a_shallow_curve_stretches_a_plate_as_the_first_term_says(double rise, double span, double stretch) {
        PressedCurve curve = PressedCurve.rising(rise, span);
        assertThat(curve.stretch()).isCloseTo(stretch, TWO_PERCENT);
        assertThat(8.0 / 3 * Math.pow(rise / span, 2)).isCloseTo(stretch, TWO_PERCENT);
    }

    /** The arc measured along the curve y = √(R² − x²) by quadrature (Romberg, Hipparchus) over the chord. */
    @ParameterizedTest
    @CsvSource({"5, 200", "40, 300", "90, 200"})
    void a_deep_curve_stretches_it_by_what_its_arc_measures(double rise, double span) {
        PressedCurve curve = PressedCurve.rising(rise, span);
        double radius = span * span / (8 * rise) + rise / 2;
        double arc = new RombergIntegrator().integrate(100_000, x -> radius / Math.sqrt(radius * radius - x * x), -span / 2, span / 2);
        assertThat(curve.radiusMm()).isCloseTo(radius, within(1e-9));
        assertThat(curve.stretch()).isCloseTo(arc / span - 1, within(1e-6));
        PressedCurve same = PressedCurve.of(new Bend(radius, Math.toDegrees(2 * Math.asin(span / 2 / radius))));
        assertThat(same.riseMm()).isCloseTo(rise, within(1e-9));
        assertThat(same.spanMm()).isCloseTo(span, within(1e-9));
        assertThat(same.stretch()).isCloseTo(curve.stretch(), within(1e-12));
    }

    @Test
    void across_the_grain_wood_bears_one_per_cent_dry_and_five_as_soft_as_steam_makes_it() {
        Recipe plate = usual();
        assertThat(PressedPlateRisk.acrossLimit(plate.demand())).isBetween(0.02, 0.055);
        Demand cold = plate.method().demandIn(new ColdLamination(Glue.PVA, 2).condition(plate.blank(), Shop.USUAL, Physics.USUAL), plate.blank(),
                plate.bend(), Physics.USUAL);
        assertThat(PressedPlateRisk.acrossLimit(cold)).isCloseTo(0.01, within(1e-12));
        assertThat(PressedPlateRisk.acrossLimit(((PressedPlate) plate.method()).atBest(plate.blank(), plate.bend()).orElseThrow()))
                .isCloseTo(0.05, within(1e-12));
        assertThat(PressedPlateRisk.acrossStrain(plate)).isCloseTo(PressedCurve.rising(12, WIDTH_MM).stretch() + 4 / (2 * PressedCurve.rising(12, WIDTH_MM).radiusMm()),
                within(1e-12));
    }

    @Test
    void sheets_take_the_stretch_along_the_grain_and_leave_that_across() {
        Recipe between = usual();
        Recipe bare = between.withMethod(((PressedPlate) between.method()).between(Between.NOTHING));
        double bend = Demand.of(bare.blank(), bare.bend(), bare.demand().section().condition(), Optional.empty()).state().outerStrain();
        assertThat(bare.demand().state().outerStrain()).isCloseTo(bend + PressedCurve.of(bare.bend()).stretch(), within(1e-12));
        assertThat(bare.demand().stretchedBy(0).state().neutralAxis()).as("strain is linear in height").isCloseTo(bare.demand().state().neutralAxis(), within(1e-9));
        assertThat(between.demand().state().outerStrain()).isLessThan(bare.demand().state().outerStrain() / 3);
        assertThat(between.demand().strapLoad().pullN()).as("nobody anchors the sheets").isZero();
        assertThat(between.method().springback(between.blank(), between.bend(), Shop.USUAL, between.demand()).elasticShare()).isBetween(0.0, 1.0);
        assertThat(PressedPlateRisk.acrossStrain(between)).isEqualTo(PressedPlateRisk.acrossStrain(bare));
        assertThat(odds(between)).isGreaterThan(odds(bare));
        assertThat(Change.of(bare, MARKS)).extracting(Change::kind).contains(Change.Kind.METAL_SHEETS);
        assertThat(Change.of(between, MARKS)).extracting(Change::kind)
                .doesNotContain(Change.Kind.METAL_SHEETS, Change.Kind.STEEL_STRAP, Change.Kind.TIGHTEN_STOPS).contains(Change.Kind.FLATTER_ACROSS);
    }

    @Test
    void a_flatter_a_thinner_and_a_longer_heated_plate_is_never_worse() {
        double before = 1;
        for (double rise = 4; rise <= 60; rise += 4) {
            double now = odds(recipe(pressed(rise, 30), 600, 30, 4));
            assertThat(now).as("rising " + rise).isLessThanOrEqualTo(before + 1e-9);
            before = now;
        }
        assertThat(odds(recipe(pressed(16, 30), 600, 30, 3))).isGreaterThanOrEqualTo(odds(recipe(pressed(16, 30), 600, 30, 5)));
        assertThat(odds(recipe(pressed(16, 40), 600, 30, 4))).isGreaterThan(odds(recipe(pressed(16, 3), 600, 30, 4)));
        assertThat(odds(recipe(pressed(60, 30), 600, 30, 4))).isLessThan(0.2);
    }

    /** Any accepted plate has finite odds. */
    @Test
    void any_plate_has_finite_odds() {
        Random random = new Random(41);
        for (int i = 0; i < 120; i++) {
            PressedPlate plate = new PressedPlate(new Handling(random.nextDouble(), SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty()),
                    new Heating(StageKind.HOT_BATH, 1 + 100 * random.nextDouble(), 40 + 70 * random.nextDouble()), 0.5 + 99 * random.nextDouble(), WIDTH_MM,
                    1 + random.nextInt(40), random.nextBoolean() ? Between.METAL_SHEETS : Between.NOTHING, random.nextBoolean() ? Bag.BAGGED : Bag.OPEN);
            Recipe recipe = recipe(plate, 5 + 5000 * random.nextDouble(), 1 + 719 * random.nextDouble(), 0.3 + 30 * random.nextDouble());
            assertThat(odds(recipe)).as(recipe.toString()).isBetween(0.0, 1.0);
            assertThat(FORECASTER.forecast(recipe).springback().releasedRadiusMm()).as(recipe.toString()).isFinite();
        }
    }

    @Test
    void a_rise_of_more_than_half_the_width_is_refused_with_what_would_be_accepted() {
        assertThat(pressed(100, 30).refusals(4, new Bend(600, 30))).isEmpty();
        assertThat(pressed(101, 30).refusals(4, new Bend(600, 30))).containsOnlyKeys("acrossRiseMm");
        assertThat(pressed(101, 30).refusals(4, new Bend(600, 30)).get("acrossRiseMm")).contains("100.0 mm");
        assertThatThrownBy(() -> new PressedPlate(new Handling(0, SoakAdditive.NONE, 10, Optional.empty(), OptionalDouble.empty()),
                new Heating(StageKind.HOT_BATH, 30, 96), 10, WIDTH_MM, 3, Between.NOTHING, Bag.OPEN)).hasMessageContaining("not carried");
        assertThat(Doubt.of(recipe(pressed(12, 30), 600, 30, 12), OptionalDouble.empty())).extracting(Doubt::kind).containsExactly(Doubt.Kind.THICK_FOR_A_PLATE);
    }

    /** Plates that split teach of splitting, and nothing of how hot wood bends otherwise. */
    @Test
    void a_split_plate_is_learned_from_and_explained() {
        Recipe plate = recipe(pressed(30, 30), 600, 30, 4);
        List<Trial> split = Collections.nCopies(6, new Trial(plate, Outcome.damaged(Severity.BROKEN, Flaw.GRAIN_SPLIT)));
        RiskModel risk = RiskModel.fit(split);
        assertThat(new Forecaster(risk).unbroken(plate).probability()).isLessThan(odds(plate) - 0.1);
        assertThat(new Forecaster(risk).forecast(plate).modes().get(0).mode()).isEqualTo(FailureMode.SPLIT);
        Recipe steamed = Recipes.ash().steamed();
        assertThat(new Forecaster(risk).unbroken(steamed).probability()).isCloseTo(odds(steamed), within(0.005));
        Diagnosis diagnosis = Diagnosis.of(risk, plate, plate, Flaw.GRAIN_SPLIT, MARKS);
        assertThat(diagnosis.likely()).flatExtracting(likely -> likely.next().stream().toList()).extracting(lever -> lever.change().kind())
                .contains(Change.Kind.FLATTER_ACROSS);
    }

    @Test
    void no_other_way_makes_a_piece_curved_both_ways() {
        SideBySide all = SideBySide.of(TABLES, usual(), 0.9);
        assertThat(all.ways()).singleElement().extracting(way -> way.recipe().method().kind()).isEqualTo(MethodKind.PRESSED_PLATE);
        assertThat(SideBySide.of(TABLES, Recipes.ash().steamed(), 0.9).impossible()).contains(MethodKind.PRESSED_PLATE);
    }

    @Test
    void its_sheet_says_both_curves_of_the_former_and_the_rounds() {
        Recipe recipe = recipe(pressed(12.5, 30), 500, 40, 4);
        Sheet sheet = recipe.method().sheet(recipe);
        assertThat(sheet.value(Sheet.Measure.SPAN_ALONG)).hasValueCloseTo(1000 * Math.sin(Math.toRadians(20)), within(1e-9));
        assertThat(sheet.value(Sheet.Measure.RISE_ALONG)).hasValueCloseTo(500 * (1 - Math.cos(Math.toRadians(20))), within(1e-9));
        assertThat(sheet.value(Sheet.Measure.RADIUS_ACROSS)).hasValueCloseTo(WIDTH_MM * WIDTH_MM / (8 * 12.5) + 12.5 / 2, within(1e-9));
        assertThat(sheet.value(Sheet.Measure.FIRST_HEAT).orElseThrow() + 2 * sheet.value(Sheet.Measure.LATER_HEATS).orElseThrow()).isEqualTo(30);
        assertThat(recipe.method().equipment()).contains(Equipment.PLATE_FRAME, Equipment.METAL_SHEETS, Equipment.DRYING_FRAME);
        assertThat(recipe.method().hoursToRelease()).isGreaterThan(PressedPlate.USUAL_FRAME_H);
    }
}
