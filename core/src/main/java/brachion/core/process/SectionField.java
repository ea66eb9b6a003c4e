package brachion.core.process;

import brachion.core.bending.SectionCondition;
import brachion.core.wood.HeatProperties;
import brachion.core.wood.LigninSoftening;
import java.util.Arrays;

/** Temperature, moisture and softness over a section at one moment. */
public final class SectionField {

    private final SectionGrid grid;
    private final double[] temperature;
    private final double[] moisture;
    private final Surroundings surroundings;
    private final double gravity;

    SectionField(SectionGrid grid, double[] temperature, double[] moisture, Surroundings surroundings,
                 double gravity) {
        this.grid = grid;
        this.temperature = temperature;
        this.moisture = moisture;
        this.surroundings = surroundings;
        this.gravity = gravity;
    }

    static SectionField uniform(SectionGrid grid, double celsius, double moisturePercent, double gravity) {
        double[] temperature = new double[grid.cells()];
        double[] moisture = new double[grid.cells()];
        Arrays.fill(temperature, celsius);
        Arrays.fill(moisture, moisturePercent);
        return new SectionField(grid, temperature, moisture, Surroundings.all(Surface.CLOSED), gravity);
    }

    /** Whether what lies above the middle of the thickness is as what lies below, to the last digit. */
    boolean mirrored() {
        for (int layer = 0; layer < grid.layers() / 2; layer++) {
            for (int column = 0; column < grid.columns(); column++) {
                int below = cell(layer, column);
                int above = cell(grid.layers() - 1 - layer, column);
                if (temperature[below] != temperature[above] || moisture[below] != moisture[above]) {
                    return false;
                }
            }
        }
        return true;
    }

    double[] temperatures() {
        return temperature.clone();
    }

    double[] moistures() {
        return moisture.clone();
    }

    /** Temperature at the core [°C]. */
    public double coreC() {
        return core(temperature);
    }

    /** Moisture at the core [%]. */
    public double coreMoisturePercent() {
        return core(moisture);
    }

    /** Softness at the core. */
    public double coreSoftness() {
        return LigninSoftening.softness(coreC(), coreMoisturePercent());
    }

    /** Mean moisture of the whole section [%]. */
    public double meanMoisturePercent() {
        return mean((layer, column) -> moisture[cell(layer, column)]);
    }

    /** Mean softness of the whole section. */
    public double meanSoftness() {
        return mean(this::softness);
    }

    /** Share of the section that is softer than a bound. */
    public double shareSofterThan(double bound) {
        return mean((layer, column) -> softness(layer, column) > bound ? 1 : 0);
    }

    /** Highest temperature anywhere [°C]. */
    public double hottestC() {
        return Arrays.stream(temperature).max().orElseThrow();
    }

    /** Lowest temperature anywhere [°C]. */
    public double coldestC() {
        return Arrays.stream(temperature).min().orElseThrow();
    }

    /** Temperature of the inner face itself in the middle of the width [°C]. */
    public double innerFaceC() {
        return faceC(surroundings.inner(), 0, 0);
    }

    /** Temperature of the outer face itself in the middle of the width [°C]. */
    public double outerFaceC() {
        return faceC(surroundings.outer(), grid.layers() - 1, 0);
    }

    /** What the fibres of each depth are like, averaged over the width. */
    public SectionCondition condition() {
        return condition(0);
    }

    /** The same of wood that softens at a temperature so much higher [K]. */
    public SectionCondition condition(double shiftC) {
        int known = grid.layers() + 2;
        double[] depth = new double[known];
        double[] soft = new double[known];
        double[] moist = new double[known];
        double reached = 0;
        for (int layer = 0; layer < grid.layers(); layer++) {
            depth[layer + 1] = reached + grid.thicknessM()[layer] / 2;
            reached += grid.thicknessM()[layer];
            int here = layer;
            soft[layer + 1] = acrossWidth(column -> softness(here, column, shiftC));
            moist[layer + 1] = acrossWidth(column -> moisture[cell(here, column)]);
        }
        depth[known - 1] = reached;
        moist[0] = moist[1];
        moist[known - 1] = moist[known - 2];
        soft[0] = acrossWidth(column -> faceSoftness(surroundings.inner(), 0, column, shiftC));
        soft[known - 1] = acrossWidth(column -> faceSoftness(surroundings.outer(), grid.layers() - 1, column, shiftC));
        return new SectionCondition(resample(depth, soft, SectionCondition.LAYERS, reached),
                resample(depth, moist, SectionCondition.LAYERS, reached));
    }

    /** Temperature [°C], moisture [%] or softness at equal steps of depth in the middle of the width, inner first. */
    public double[] profile(Quantity quantity, int points) {
        return profile(quantity, points, 0);
    }

    private double[] profile(Quantity quantity, int points, int column) {
        double[] value = new double[grid.layers()];
        for (int layer = 0; layer < grid.layers(); layer++) {
            value[layer] = at(quantity, layer, column);
        }
        return resample(middles(grid.thicknessM()), value, points, sum(grid.thicknessM()));
    }

    /** The same over the section: rows of depth, inner face first, each from the middle of the width to the edge. */
    public double[][] picture(Quantity quantity, int depths, int columns) {
        double[][] byColumn = new double[grid.columns()][];
        for (int column = 0; column < grid.columns(); column++) {
            byColumn[column] = profile(quantity, depths, column);
        }
        double[] across = middles(grid.widthM());
        double[][] picture = new double[depths][];
        for (int depth = 0; depth < depths; depth++) {
            double[] row = new double[grid.columns()];
            for (int column = 0; column < row.length; column++) {
                row[column] = byColumn[column][depth];
            }
            picture[depth] = row.length == 1 ? filled(row[0], columns) : resample(across, row, columns, sum(grid.widthM()));
        }
        return picture;
    }

    private static double[] filled(double value, int count) {
        double[] filled = new double[count];
        Arrays.fill(filled, value);
        return filled;
    }

    private static double[] middles(double[] sizes) {
        double[] middles = new double[sizes.length];
        double reached = 0;
        for (int i = 0; i < sizes.length; i++) {
            middles[i] = reached + sizes[i] / 2;
            reached += sizes[i];
        }
        return middles;
    }

    private static double sum(double[] sizes) {
        return Arrays.stream(sizes).sum();
    }

    /** What a picture of the section can show. */
    public enum Quantity {
        /** 0 hard to 1 soft. */
        SOFTNESS,
        /** Per cent of oven-dry mass. */
        MOISTURE,
        /** Degrees Celsius. */
        TEMPERATURE
    }

    private double at(Quantity quantity, int layer, int column) {
        return switch (quantity) {
            case SOFTNESS -> softness(layer, column);
            case MOISTURE -> moisture[cell(layer, column)];
            case TEMPERATURE -> temperature[cell(layer, column)];
        };
    }

    private double softness(int layer, int column) {
        return softness(layer, column, 0);
    }

    private double softness(int layer, int column, double shiftC) {
        return LigninSoftening.softness(temperature[cell(layer, column)], moisture[cell(layer, column)], shiftC);
    }

    private double faceSoftness(Surface surface, int layer, int column, double shiftC) {
        return LigninSoftening.softness(faceC(surface, layer, column), moisture[cell(layer, column)], shiftC);
    }

    /** Temperature where film and half a cell meet [°C]. */
    private double faceC(Surface surface, int layer, int column) {
        double inside = 2 * HeatProperties.conductivity(gravity, moisture[cell(layer, column)])
                / grid.thicknessM()[layer];
        return (surface.heatTransfer() * surface.mediumC() + inside * temperature[cell(layer, column)])
                / (surface.heatTransfer() + inside);
    }

    /** The value in the very middle: a parabola through the two layers on either side of it. */
    private double core(double[] values) {
        int middle = grid.layers() / 2;
        double nearest = (values[cell(middle - 1, 0)] + values[cell(middle, 0)]) / 2;
        double next = (values[cell(middle - 2, 0)] + values[cell(middle + 1, 0)]) / 2;
        double toNearest = grid.thicknessM()[middle] / 2;
        double toNext = grid.thicknessM()[middle] + grid.thicknessM()[middle + 1] / 2;
        double share = toNearest * toNearest / (toNext * toNext - toNearest * toNearest);
        return nearest + (nearest - next) * share;
    }

    private int cell(int layer, int column) {
        return layer * grid.columns() + column;
    }

    private interface CellValue {
        double at(int layer, int column);
    }

    private interface ColumnValue {
        double at(int column);
    }

    private double mean(CellValue value) {
        double sum = 0;
        double all = 0;
        for (int layer = 0; layer < grid.layers(); layer++) {
            int here = layer;
            sum += grid.thicknessM()[layer] * acrossWidth(column -> value.at(here, column));
            all += grid.thicknessM()[layer];
        }
        return sum / all;
    }

    private double acrossWidth(ColumnValue value) {
        double sum = 0;
        double all = 0;
        for (int column = 0; column < grid.columns(); column++) {
            sum += grid.widthM()[column] * value.at(column);
            all += grid.widthM()[column];
        }
        return sum / all;
    }

    /** Values at the middles of so many equal parts of a length, linear between the known places. */
    private static double[] resample(double[] depth, double[] value, int parts, double total) {
        double[] result = new double[parts];
        int next = 1;
        for (int part = 0; part < parts; part++) {
            double at = (part + 0.5) / parts * total;
            while (next < depth.length - 1 && depth[next] < at) {
                next++;
            }
            double along = (at - depth[next - 1]) / (depth[next] - depth[next - 1]);
            result[part] = value[next - 1] + Math.max(0, Math.min(1, along)) * (value[next] - value[next - 1]);
        }
        return result;
    }
}
