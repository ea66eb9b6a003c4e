package brachion.core.process;

/**
 * The piece as the process finds it.
 *
 * @param basicSpecificGravity of its species
 * @param thicknessMm          thickness [mm]
 * @param widthMm              width [mm]; positive infinity when edges do not matter
 * @param moisturePercent      moisture content, the same throughout [%]
 * @param celsius              temperature, the same throughout [°C]
 */
public record Piece(double basicSpecificGravity, double thicknessMm, double widthMm, double moisturePercent,
                    double celsius) {

    /** The same piece, so wide that its edges do not matter. */
    public Piece withoutEdges() {
        return new Piece(basicSpecificGravity, thicknessMm, Double.POSITIVE_INFINITY, moisturePercent, celsius);
    }
}
