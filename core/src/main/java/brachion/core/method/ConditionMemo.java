package brachion.core.method;

import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.Stage;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Remembers what simulated pieces were like, because a fit, and every change of radius or strap, asks again for the
 * same ones. The simulation always gives the same answer for the same piece and stages, so nothing can go stale.
 */
final class ConditionMemo {

    /** About 30 MB when full. */
    private static final int MOST = 20_000;

    private record Asked(Piece piece, List<Stage> stages, Physics physics) {

        static Asked of(Piece piece, List<Stage> stages, Physics physics) {
            return new Asked(piece, List.copyOf(stages), physics.ofTheProcess());
        }
    }

    private final Map<Asked, Followings.End> known = Collections.synchronizedMap(
            new LinkedHashMap<>(256, 0.75f, true) {
                private static final long serialVersionUID = 1L;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Asked, Followings.End> eldest) {
                    return size() > MOST;
                }
            });

    boolean knows(Piece piece, List<Stage> stages, Physics physics) {
        return known.containsKey(Asked.of(piece, stages, physics));
    }

    void learn(Piece piece, List<Stage> stages, Physics physics, Followings.End end) {
        known.put(Asked.of(piece, stages, physics), end);
    }

    Followings.End of(Piece piece, List<Stage> stages, Physics physics, Supplier<Followings.End> simulation) {
        Asked asked = Asked.of(piece, stages, physics);
        Followings.End end = known.get(asked);
        if (end == null) {
            end = simulation.get();
            known.put(asked, end);
        }
        return end;
    }
}
