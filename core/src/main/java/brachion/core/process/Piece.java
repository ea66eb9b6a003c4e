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
}
