package brachion.core.bending;

import java.util.Arrays;

/**
 * How soft and how wet the wood is through its thickness at the moment it is bent. Values stand at the centres of
 * equal layers, numbered from the inner face (against the form) to the outer face.
 */
public final class SectionCondition {

    /** Layers of a uniform section; the strains change by less than 0.1 % when this is doubled. */
    public static final int LAYERS = 80;

    private final double[] softness;
    private final double[] moisturePercent;

    /**
     * @param softness        softness of each layer, 0 to 1, inner face first
     * @param moisturePercent moisture content of each layer [%], as many as there are softnesses
     */
    public SectionCondition(double[] softness, double[] moisturePercent) {
        if (softness.length != moisturePercent.length || softness.length < 4) {
            throw new IllegalArgumentException("A section needs at least 4 layers with one softness and one moisture"
                    + " each, not " + softness.length + " and " + moisturePercent.length);
        }
        this.softness = softness.clone();
        this.moisturePercent = moisturePercent.clone();
    }

    /** A section that is equally soft and wet throughout. */
    public static SectionCondition uniform(double softness, double moisturePercent) {
        double[] soft = new double[LAYERS];
        double[] moist = new double[LAYERS];
        Arrays.fill(soft, softness);
        Arrays.fill(moist, moisturePercent);
        return new SectionCondition(soft, moist);
    }

    /** Between this condition and another of as many layers: 0 gives this one, 1 the other. */
    public SectionCondition towards(SectionCondition other, double share) {
        double[] soft = new double[layers()];
        double[] moist = new double[layers()];
        for (int layer = 0; layer < soft.length; layer++) {
            soft[layer] = softness[layer] + share * (other.softness[layer] - softness[layer]);
            moist[layer] = moisturePercent[layer] + share * (other.moisturePercent[layer] - moisturePercent[layer]);
        }
        return new SectionCondition(soft, moist);
    }

    /** Number of layers. */
    public int layers() {
        return softness.length;
    }

    /** Softness of a layer, 0 to 1. */
    public double softness(int layer) {
        return softness[layer];
    }

    /** Moisture content of a layer [%]. */
    public double moisturePercent(int layer) {
        return moisturePercent[layer];
    }

    /** Mean softness of the quarter under the outer face, which decides what stretch the piece bears. */
    public double outerQuarterSoftness() {
        return mean(layers() - layers() / 4, layers());
    }

    /** Mean softness of the half against the form, which decides what squeeze the piece bears. */
    public double innerHalfSoftness() {
        return mean(0, layers() / 2);
    }

    /** Mean softness, 0 to 1. */
    public double meanSoftness() {
        return mean(0, layers());
    }

    /** Mean moisture content [%]. */
    public double meanMoisturePercent() {
        return Arrays.stream(moisturePercent).average().orElseThrow();
    }

    private double mean(int from, int to) {
        double sum = 0;
        for (int layer = from; layer < to; layer++) {
            sum += softness[layer];
        }
        return sum / (to - from);
    }
}
