package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.SectionField;
import brachion.core.process.Stage;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Cache of simulated pieces, because a fit, and every change of radius or strap, asks again for the same ones. Its key is all
 * that a simulation starts from (piece, stages, constants), and {@link #simulate} is the one place that puts anything into it,
 * computed from that key alone: what is found does not hang on who asked before, or for what else.
 */
final class SimulationCache {

    /** The one that all of a running program share. */
    static final SimulationCache SHARED = new SimulationCache();

    /** About 30 MB when full. */
    private static final int MOST = 20_000;

    private record Key(Piece piece, List<Stage> stages, Physics physics) {

        static Key of(Piece piece, List<Stage> stages, Physics physics) {
            return new Key(piece, List.copyOf(stages), physics.ofTheProcess());
        }

        /** Whether it has no more stages than so many. */
        boolean overAfter(int stagesDone) {
            return stages.size() == stagesDone;
        }
    }

    /**
     * How a piece was found at the end.
     *
     * @param condition  softness and moisture through its thickness
     * @param innerFaceC temperature of its inner face [°C]
     * @param outerFaceC temperature of its outer face [°C]
     */
    record End(SectionCondition condition, double innerFaceC, double outerFaceC) {

        private static End of(ProcessSimulation simulation) {
            SectionField faces = simulation.field();
            return new End(simulation.condition(), faces.innerFaceC(), faces.outerFaceC());
        }
    }

    private final Map<Key, End> known = Collections.synchronizedMap(new LinkedHashMap<>(256, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, End> eldest) {
            return size() > MOST;
        }
    });

    /** Softness and moisture of a piece after its stages. */
    SectionCondition condition(Piece piece, List<Stage> stages, Physics physics) {
        return end(piece, stages, physics).condition();
    }

    /** How a piece is after its stages. */
    End end(Piece piece, List<Stage> stages, Physics physics) {
        Key key = Key.of(piece, stages, physics);
        End end = known.get(key);
        return end != null ? end : simulate(new ProcessSimulation(piece, key.physics()), 0, List.of(key)).get(key);
    }

    /**
     * Simulates a piece through several processes, so that each is known afterwards. What they have in common is gone through
     * once, and of a stage that only lasts longer in one than in another the short is the beginning of the long. Each comes out
     * exactly as simulated by itself.
     */
    void prepare(Piece piece, Collection<List<Stage>> processes, Physics physics) {
        List<Key> unknown = processes.stream().map(stages -> Key.of(piece, stages, physics)).distinct()
                .filter(key -> !known.containsKey(key)).toList();
        if (!unknown.isEmpty()) {
            simulate(new ProcessSimulation(piece, unknown.get(0).physics()), 0, unknown);
        }
    }

    /**
     * Goes on with a piece that has been through the first stages of all these keys, which agree in them.
     *
     * @param reached the piece after those stages
     * @param done    how many stages that are
     * @return how it is at the end of each key; kept, too
     */
    private Map<Key, End> simulate(ProcessSimulation reached, int done, List<Key> keys) {
        Map<Key, End> ends = new LinkedHashMap<>();
        keys.stream().filter(key -> key.overAfter(done)).forEach(key -> {
            End end = End.of(reached);
            known.put(key, end);
            ends.put(key, end);
        });
        Map<Stage, List<Key>> alikeButForTime = keys.stream().filter(key -> !key.overAfter(done))
                .collect(Collectors.groupingBy(key -> key.stages().get(done).lasting(1), LinkedHashMap::new, Collectors.toList()));
        alikeButForTime.forEach((stage, alike) -> {
            NavigableMap<Double, List<Key>> bySeconds = alike.stream()
                    .collect(Collectors.groupingBy(key -> key.stages().get(done).seconds(), TreeMap::new, Collectors.toList()));
            List<ProcessSimulation> after = reached.afterEach(stage, bySeconds.keySet().stream().mapToDouble(Double::doubleValue).toArray());
            int length = 0;
            for (List<Key> asLong : bySeconds.values()) {
                ends.putAll(simulate(after.get(length++), done + 1, asLong));
            }
        });
        return ends;
    }
}
