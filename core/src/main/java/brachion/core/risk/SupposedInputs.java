package brachion.core.risk;

import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.Supposed;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * A bend of which much was not written down, as a few bends it could have been, all alike in probability. They are the points of a rank-1
 * lattice (Korobov 1959): along each thing that is not known they stand in the middle of each eleventh of what it could be, in another order
 * for each thing. How far things stray is chosen by us, from common practice.
 */
final class SupposedInputs {

    /** A prime, so that each order goes through all of them. */
    private static final int POINTS = 11;
    /** Powers of 2, which is a primitive root of 11: no two things are in the same order. */
    private static final int[] STEPS = {1, 2, 4, 8, 5, 10, 9};
    /** Where each order begins, so that no bend is at the end of everything at once. */
    private static final int[] STARTS = {0, 5, 10, 4, 9, 3, 8};
    private static final NormalDistribution NORMAL = new NormalDistribution(0, 1);

    /** Of stock nobody said it of, so much was dried in a kiln, and so much dried at all; the rest is green. */
    private static final double KILN_DRIED = 0.45;
    private static final double DRIED = 0.9;
    /** Widths stray by such a factor, one time in three. */
    private static final double WIDTH_FACTOR = 1.6;
    /** The bends that are made most, each as likely as the others [°]. */
    private static final double[] ANGLES = {45, 90, 90, 120, 180};
    /** Carries stray by such a factor, one time in three. */
    private static final double CARRY_FACTOR = 1.8;
    /** Heats stray by so much, one time in three [K]. */
    private static final double HEAT_SD_K = 2.5;

    private SupposedInputs() {
    }

    private enum Thing { SEASONING, MOISTURE, SLOPE, WIDTH, ANGLE, CARRY, HEAT }

    /** The bends one could have been, everything known. */
    static List<Weighted<Recipe>> draws(Recipe recipe) {
        List<Weighted<Recipe>> draws = new ArrayList<>();
        for (int point = 0; point < POINTS; point++) {
            draws.add(new Weighted<>(1.0 / POINTS, draw(recipe, point)));
        }
        return draws;
    }

    /** Where a point stands along a thing, 0 to 1. */
    private static double share(int point, Thing thing) {
        int place = (point * STEPS[thing.ordinal()] + STARTS[thing.ordinal()]) % POINTS;
        return (place + 0.5) / POINTS;
    }

    private static double deviations(int point, Thing thing) {
        return NORMAL.inverseCumulativeProbability(share(point, thing));
    }

    private static Recipe draw(Recipe recipe, int point) {
        Set<Supposed> supposed = recipe.supposed();
        Recipe drawn = recipe.supposing(Set.of()).withBlank(blank(recipe.blank(), supposed, point));
        if (supposed.contains(Supposed.ANGLE)) {
            drawn = drawn.withBend(new Bend(recipe.bend().innerRadiusMm(), ANGLES[(int) (share(point, Thing.ANGLE) * ANGLES.length)]));
        }
        return recipe.method() instanceof HotWood way ? drawn.withMethod(way(way, drawn.blank(), supposed, point)) : drawn;
    }

    private static Blank blank(Blank blank, Set<Supposed> supposed, int point) {
        Blank drawn = blank;
        if (supposed.contains(Supposed.SEASONING)) {
            double share = share(point, Thing.SEASONING);
            Seasoning seasoning = share < KILN_DRIED ? Seasoning.KILN_DRIED : share < DRIED ? Seasoning.AIR_DRIED : Seasoning.GREEN;
            drawn = drawn.withStock(blank.species(), seasoning, blank.moisturePercent());
        }
        drawn = drawn.withMoisturePercent(UnknownInputs.moistureAt(drawn, deviations(point, Thing.MOISTURE)));
        if (drawn.grainRun().isEmpty()) {
            drawn = drawn.withGrainRun(UnknownInputs.grainRunAt(share(point, Thing.SLOPE)));
        }
        return supposed.contains(Supposed.WIDTH)
                ? drawn.withWidthMm(PhysicalBound.WIDTH_MM.nearest(blank.widthMm() * Math.pow(WIDTH_FACTOR, deviations(point, Thing.WIDTH)))) : drawn;
    }

    private static HotWood way(HotWood way, Blank blank, Set<Supposed> supposed, int point) {
        HotWood drawn = supposed.contains(Supposed.WIDTH) ? way.onStock(blank.widthMm()) : way;
        if (supposed.contains(Supposed.CARRY)) {
            drawn = drawn.carriedFor(PhysicalBound.CARRY_SECONDS.nearest(way.carrySeconds() * Math.pow(CARRY_FACTOR, deviations(point, Thing.CARRY))));
        }
        // it is no hotter than it can be in most shops, and often colder
        return supposed.contains(Supposed.HEAT)
                ? drawn.heatedAt(Math.min(way.fullHeatC(), way.heating().celsius() + HEAT_SD_K * deviations(point, Thing.HEAT))) : drawn;
    }
}
