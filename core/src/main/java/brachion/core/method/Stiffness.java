package brachion.core.method;

/** Second moments of sections for a width of one [mm³] (composite beam, as in any strength-of-materials text). */
final class Stiffness {

    /**
     * A layer of a section.
     *
     * @param fromMm height at which it begins [mm]
     * @param toMm   height at which it ends [mm]
     */
    record Layer(double fromMm, double toMm) {
    }

    private Stiffness() {
    }

    /** Of a layer that bends by itself, of a thickness [mm]. */
    static double of(double thicknessMm) {
        return thicknessMm * thicknessMm * thicknessMm / 12;
    }

    /** Of layers that bend as one beam about the centroid they share. */
    static double together(Iterable<Layer> layers) {
        double area = 0;
        double first = 0;
        double second = 0;
        for (Layer layer : layers) {
            double thick = layer.toMm - layer.fromMm;
            double middle = (layer.fromMm + layer.toMm) / 2;
            area += thick;
            first += thick * middle;
            second += of(thick) + thick * middle * middle;
        }
        return second - first * first / area;
    }
}
