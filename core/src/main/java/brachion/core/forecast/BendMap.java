package brachion.core.forecast;

import brachion.core.method.Recipe;
import brachion.core.method.Sensitivity;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.UnknownInputs;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The odds over thickness and radius, everything else as in a recipe. Both run in even steps of their logarithm. Heat and
 * water are followed for some thicknesses and read off between them, which moves no odds by more than one in a hundred.
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
            List<Odds> odds = new ArrayList<>();
            Sensitivity sensitivity = null;
            for (int row = 0; row < radius.length; row++) {
                Recipe bent = asThick.withInnerRadiusMm(radius[row]);
                if (row % ROWS_ALIKE == 0) {
                    int middle = Math.min(row + ROWS_ALIKE / 2, radius.length - 1);
                    sensitivity = condition.sensitivity(UnknownInputs.typical(asThick.withInnerRadiusMm(radius[middle])));
                }
                List<Possible> possible = Possible.of(bent, condition::demand, sensitivity);
                odds.add(OddsSpread.roughly(risk, possible, Severity.FLAW, POINTS));
            }
            return odds;
        }).toList();
        List<List<Odds>> rows = new ArrayList<>();
        for (int row = 0; row < radius.length; row++) {
            int here = row;
            rows.add(columns.stream().map(column -> column.get(here)).toList());
        }
        return new BendMap(thickness, radius, rows);
    }

    /** Equal ratios; both ends as they were given, to the last digit. */
    static double[] steps(double first, double last, int count) {
        return IntStream.range(0, count).mapToDouble(i -> i == count - 1 ? last
                : first * Math.pow(last / first, (double) i / (count - 1))).toArray();
    }
}
