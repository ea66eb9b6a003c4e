package brachion.core.method;

import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * What a bend asks of the wood by the usual constants and with each unsure one a step worse.
 *
 * @param usual   by the usual constants; null where nothing is unsure
 * @param stepped one step worse in each
 */
public record Sensitivity(Demand usual, Map<Unsure, Demand> stepped) {

    /** Of a bend that no unsure constant bears on. */
    public static final Sensitivity NONE = new Sensitivity(null, Map.of());

    /** Less than this share more or less of what is asked is nothing to measure a constant for. */
    private static final double WORTH = 0.003;

    /** Whether a step of one of the constants changes what is asked of a face. */
    public boolean hangsOn(Unsure constant) {
        Demand worse = stepped.get(constant);
        return worse != null && (apart(worse.tensionRatio(), usual.tensionRatio()) || apart(worse.compressionRatio(), usual.compressionRatio()));
    }

    private static boolean apart(double one, double other) {
        return Math.abs(one - other) > WORTH * Math.abs(other);
    }

    /** The same if one of the constants were known. */
    public Sensitivity without(Unsure known) {
        Map<Unsure, Demand> others = new EnumMap<>(Unsure.class);
        others.putAll(stepped);
        others.remove(known);
        return new Sensitivity(usual, others);
    }

    /** @param demand what the bend asks under given constants */
    public static Sensitivity of(Set<Unsure> unsure, Function<Physics, Demand> demand) {
        Map<Unsure, Demand> stepped = new EnumMap<>(Unsure.class);
        for (Unsure each : unsure) {
            stepped.put(each, demand.apply(each.stepped(Physics.USUAL, 1)));
        }
        return new Sensitivity(demand.apply(Physics.USUAL), stepped);
    }
}
