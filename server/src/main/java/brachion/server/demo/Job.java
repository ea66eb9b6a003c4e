package brachion.server.demo;

import brachion.core.bending.StrapMaterial;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Method;
import brachion.core.method.Seasoning;
import java.time.LocalDate;

/**
 * A run of like pieces in the demo workshop.
 *
 * @param from        first day
 * @param pieces      how many were tried
 * @param piece       what was being made, the note starts with it
 * @param speciesId   the wood
 * @param seasoning   how it was dried
 * @param moisture    usual moisture [%]
 * @param rings       how the rings lay
 * @param thicknessMm thickness [mm]
 * @param widthMm     width [mm]
 * @param radiusMm    inner radius [mm]
 * @param angle       angle [°]
 * @param process     what was done to it
 */
record Job(LocalDate from, int pieces, String piece, String speciesId, Seasoning seasoning, double moisture,
           GrowthRings rings, double thicknessMm, double widthMm, double radiusMm, double angle, Process process) {

    /** What is done to a piece before and while it is bent. */
    sealed interface Process permits Steam, Plies, Otherwise {
    }

    /** Steamed; strap is null when there was none. */
    record Steam(double soakHours, double minutes, double chamberC, StrapMaterial strap, double strapMm)
            implements Process {
    }

    /** Laminated cold. */
    record Plies(Glue glue, int count) implements Process {
    }

    /** Bent in one of the other ways, every piece alike. */
    record Otherwise(Method method) implements Process {
    }
}
