package brachion.core.forecast;

import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * The odds over thickness and radius, everything else as in a recipe. Both run in even steps of their logarithm. Heat and
 * water are followed for some thicknesses and read off between them, which moves no odds by more than one in a hundred. A gentler
 * curve never lowers the odds, so where those of two radii are within a hundredth of each other, the ones between are read off, too.
 *
 * @param thicknessMm   thicknesses [mm], rising
 * @param innerRadiusMm radii [mm], rising
 * @param unbroken      odds that a piece does not break, a row for each radius with a value for each thickness
 */
public record BendMap(double[] thicknessMm, double[] innerRadiusMm, List<List<Odds>> unbroken) {

    /** Points each cell's range is taken from, all that a piece could be together; coarser than a single forecast. */
    private static final int POINTS = 480;
    /** How the unsure constants bear on the odds changes slowly with the radius: it is looked at once in so many rows. */
    private static final int ROWS_ALIKE = 5;
    /** Of so many rows one is worked out at least, whatever its neighbours are. */
    private static final int ROWS_APART = 8;
    /** Odds that differ by less are alike. */
    private static final double ALIKE = 0.01;

    /**
     * What the map covers.
     *
     * @param thinnestMm thinnest stock [mm]
     * @param thickestMm thickest stock [mm]
     * @param tightestMm tightest inner radius [mm]
     * @param widestMm   widest inner radius [mm]
     * @param columns    thicknesses
     * @param rows       radii
     */
    public record Extent(double thinnestMm, double thickestMm, double tightestMm, double widestMm, int columns, int rows) {

        /** Refuses an empty extent. */
        public Extent {
            if (!(thinnestMm > 0) || !(thickestMm > thinnestMm) || !(tightestMm > 0) || !(widestMm > tightestMm)
                    || columns < 2 || rows < 2) {
                throw new IllegalArgumentException("A map must run from thin to thick and from tight to wide, not from "
                        + thinnestMm + " to " + thickestMm + " mm and " + tightestMm + " to " + widestMm + " mm");
            }
        }
    }

    /** Draws the map of a recipe. */
    public static BendMap of(RiskModel risk, Recipe recipe, Extent extent) {
        double[] thickness = steps(extent.thinnestMm(), extent.thickestMm(), extent.columns());
        double[] radius = steps(extent.tightestMm(), extent.widestMm(), extent.rows());
        ConditionOverThickness condition = new ConditionOverThickness(recipe, extent.thinnestMm(), extent.thickestMm());
        List<List<Odds>> columns = IntStream.range(0, thickness.length).parallel().mapToObj(column -> {
            Recipe asThick = recipe.withBlank(recipe.blank().withThicknessMm(thickness[column]));
            Sensitivity[] sensitivity = new Sensitivity[radius.length / ROWS_ALIKE + 1];
            return overRadius(radius.length, row -> {
                int alike = row / ROWS_ALIKE;
                if (sensitivity[alike] == null) {
                    int middle = Math.min(alike * ROWS_ALIKE + ROWS_ALIKE / 2, radius.length - 1);
                    sensitivity[alike] = condition.sensitivity(UnknownInputs.typical(asThick.withInnerRadiusMm(radius[middle])));
                }
                List<Possible> possible = Possible.of(asThick.withInnerRadiusMm(radius[row]), condition::demand, sensitivity[alike]);
                return OddsSpread.roughly(risk, possible, Severity.FLAW, POINTS);
            });
        }).toList();
        List<List<Odds>> rows = new ArrayList<>();
        for (int row = 0; row < radius.length; row++) {
            int here = row;
            rows.add(columns.stream().map(column -> column.get(here)).toList());
        }
        return new BendMap(thickness, radius, rows);
    }

    /** The odds of so many radii, worked out where they are not between others that are alike. */
    private static List<Odds> overRadius(int rows, IntFunction<Odds> workedOut) {
        Odds[] odds = new Odds[rows];
        odds[0] = workedOut.apply(0);
        int from = 0;
        while (from < rows - 1) {
            int to = Math.min(from + ROWS_APART, rows - 1);
            odds[to] = workedOut.apply(to);
            fillBetween(odds, from, to, workedOut);
            from = to;
        }
        return List.of(odds);
    }

    private static void fillBetween(Odds[] odds, int from, int to, IntFunction<Odds> workedOut) {
        if (to - from < 2) {
            return;
        }
        if (odds[from].near(odds[to], ALIKE)) {
            for (int row = from + 1; row < to; row++) {
                odds[row] = odds[from].towards(odds[to], (double) (row - from) / (to - from));
            }
            return;
        }
        int middle = (from + to) / 2;
        odds[middle] = workedOut.apply(middle);
        fillBetween(odds, from, middle, workedOut);
        fillBetween(odds, middle, to, workedOut);
    }

    /** Equal ratios; both ends as they were given, to the last digit. */
    static double[] steps(double first, double last, int count) {
        return IntStream.range(0, count).mapToDouble(i -> i == count - 1 ? last
                : first * Math.pow(last / first, (double) i / (count - 1))).toArray();
    }
}
