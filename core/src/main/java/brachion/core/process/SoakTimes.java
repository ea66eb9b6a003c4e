package brachion.core.process;

import brachion.core.quantity.PhysicalBound;
import java.util.OptionalDouble;

/**
 * How long a piece must lie under water. A time is empty when it does not come within the longest soak looked at.
 *
 * @param meanAfterS seconds until the whole piece holds the wanted moisture on average
 * @param coreAfterS seconds until the core holds the moisture wanted there
 */
public record SoakTimes(OptionalDouble meanAfterS, OptionalDouble coreAfterS) {

    private static final double LONGEST_S = PhysicalBound.SOAK_HOURS.highest() * 3600;
    /** Water in the cell walls is all that is followed; a piece cannot be asked to hold more [%]. */
    public static final double MOST_PERCENT = 29.5;

    /**
     * @param piece             the piece when it goes in
     * @param bathC             temperature of the water [°C]
     * @param wantedMeanPercent moisture wanted on average [%]
     * @param wantedCorePercent moisture wanted at the core [%]
     * @throws IllegalArgumentException when more is wanted than the cell walls hold
     */
    public static SoakTimes of(Piece piece, double bathC, double wantedMeanPercent, double wantedCorePercent) {
        if (!(Math.max(wantedMeanPercent, wantedCorePercent) <= MOST_PERCENT)) {
            throw new IllegalArgumentException("Soaking is followed up to " + MOST_PERCENT
                    + " % moisture, where the cell walls are full; not to " + Math.max(wantedMeanPercent, wantedCorePercent));
        }
        Stage soak = Stage.of(StageKind.SOAK, LONGEST_S, bathC);
        return new SoakTimes(
                FirstMoment.when(new ProcessSimulation(piece), soak,
                        field -> field.meanMoisturePercent() - wantedMeanPercent),
                FirstMoment.when(new ProcessSimulation(piece), soak,
                        field -> field.coreMoisturePercent() - wantedCorePercent));
    }
}
