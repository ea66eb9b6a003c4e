package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.method.Term;
import brachion.core.risk.RiskModel;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/**
 * Longer steam, wetter stock (to saturation), a gentler curve and quicker hands never lower the odds, over all that is
 * accepted. A thick piece hot on its faces only is a little better off than one hot through, as over a hot pipe: that is
 * left room for.
 */
class MonotoneTest {

    private static final int PAIRS = 250;
    private static final double ROOM = 0.01;
    private static final double SATURATED_PERCENT = 28;
    private static final Forecaster TABLES = new Forecaster(RiskModel.withoutRecords());
    private static final List<Species> WOODS = SpeciesCatalogue.published().all();

    private final Random random = new Random(20_261_125);

    private double between(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    private Recipe recipe() {
        double thickness = between(1, 60);
        Blank blank = new Blank(WOODS.get(random.nextInt(WOODS.size())), Seasoning.values()[random.nextInt(3)],
                OptionalDouble.of(between(4, SATURATED_PERCENT)), GrowthRings.UNKNOWN,
                random.nextInt(3) == 0 ? OptionalDouble.empty() : OptionalDouble.of(between(5, 40)), Knots.CLEAR, thickness,
                between(10, 80));
        Optional<Strap> strap = random.nextBoolean() ? Optional.empty() : Optional.of(new Strap(
                StrapMaterial.values()[random.nextInt(4)], between(0.3, 2.5), 30, random.nextBoolean() ? 0 : between(0.1, 4)));
        return new Recipe(blank, new Bend(Math.max(5, thickness * between(2, 40)), between(20, 300)), new SteamBox(
                random.nextInt(3) == 0 ? between(1, 48) : 0, between(2, 600), between(60, 110), between(1, 120), strap));
    }

    private void neverLowered(Function<Recipe, Recipe> kinder) {
        List<Double> fallen = new ArrayList<>();
        for (int i = 0; i < PAIRS; i++) {
            Recipe recipe = recipe();
            double fall = fall(recipe, kinder.apply(recipe));
            assertThat(fall).as("fall of the odds from %s", recipe).isLessThan(ROOM);
            fallen.add(fall);
        }
        assertThat(fallen).filteredOn(fall -> fall > ROOM / 2).as("falls beyond half of that").hasSizeLessThan(PAIRS / 50);
    }

    private static SteamBox steam(Recipe recipe) {
        return (SteamBox) recipe.method();
    }

    @Test
    void longer_steam() {
        neverLowered(recipe -> recipe.withMethod(steam(recipe).withSteamMinutes(steam(recipe).steamMinutes() * between(1.2, 2.4))));
    }

    @Test
    void wetter_stock() {
        neverLowered(recipe -> recipe.withBlank(recipe.blank().withMoisturePercent(
                Math.min(SATURATED_PERCENT, recipe.blank().moisturePercent().orElseThrow() * between(1.05, 1.5)))));
    }

    @Test
    void a_gentler_curve() {
        neverLowered(recipe -> recipe.withInnerRadiusMm(recipe.bend().innerRadiusMm() * between(1.05, 2)));
    }

    @Test
    void quicker_hands() {
        neverLowered(recipe -> recipe.withMethod(steam(recipe).withCarrySeconds(steam(recipe).carrySeconds() * between(0.1, 0.9))));
    }

    /**
     * Thin stock cools faster on its way to the form, and the slack of a strap is more of the shorter arc of its outer face; nothing else speaks
     * against it.
     */
    @Test
    void thinner_stock_loses_by_a_long_carry_or_by_slack_only_and_the_reasons_say_so() {
        int falls = 0;
        int slack = 0;
        for (int i = 0; i < 3 * PAIRS; i++) {
            Recipe thick = recipe();
            Recipe thin = thick.withBlank(thick.blank().withThicknessMm(Math.max(0.5, thick.blank().thicknessMm() * between(0.5, 0.95))));
            double fall = fall(thick, thin);
            if (fall > ROOM) {
                falls++;
                assertThat(fall(atOnce(taut(thick)), atOnce(taut(thin)))).as("fall of the odds without a carry or slack, from %s", thick).isLessThan(ROOM);
                if (fall(atOnce(thick), atOnce(thin)) < ROOM) {
                    assertThat(steam(thin).carrySeconds()).as("carry of %s", thin).isGreaterThan(4);
                    assertThat(carry(thin)).as("the carry among the reasons of %s", thin).isGreaterThan(Math.max(0.1, carry(thick)));
                } else {
                    slack++;
                }
            }
        }
        assertThat(slack).as("falls by slack, which takes a very short bend").isLessThan(PAIRS / 50);
        assertThat(falls).as("pairs in which thinner is worse").isBetween(1, 3 * PAIRS / 10);
    }

    /** How much surer the first of two pieces is. */
    private static double fall(Recipe first, Recipe second) {
        return TABLES.unbroken(first).probability() - TABLES.unbroken(second).probability();
    }

    private static Recipe taut(Recipe recipe) {
        return recipe.withMethod(steam(recipe).withStrap(steam(recipe).strap()
                .map(strap -> new Strap(strap.material(), strap.thicknessMm(), strap.widthMm(), 0))));
    }

    private static Recipe atOnce(Recipe recipe) {
        return recipe.withMethod(steam(recipe).withCarrySeconds(0));
    }

    /** What the carry adds to the risk of the mode that limits a piece. */
    private static double carry(Recipe recipe) {
        return TABLES.forecast(recipe).modes().get(0).reasons().stream().filter(reason -> reason.cause() == Term.CARRY)
                .mapToDouble(Reason::size).sum();
    }
}
