package brachion.server.bench;

import brachion.core.bench.Misfit;
import brachion.server.storage.Absent;
import jakarta.validation.constraints.NotNull;

/**
 * What speaks against a thing in the rig for a bend.
 *
 * @param what  what does
 * @param has   what it has, in mm or degrees; missing for what is no number
 * @param needs what the bend needs
 */
record MisfitReading(@NotNull Misfit.What what, Double has, Double needs) {

    static MisfitReading of(Misfit misfit) {
        return new MisfitReading(misfit.what(), Absent.orNull(misfit.has()), Absent.orNull(misfit.needs()));
    }
}
