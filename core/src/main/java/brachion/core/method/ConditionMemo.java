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

    void learn(Piece piece, List<Stage> stages, Physics physics, Followings.End condition) {
        known.put(Asked.of(piece, stages, physics), condition);
    }

    Followings.End of(Piece piece, List<Stage> stages, Physics physics, Supplier<Followings.End> simulation) {
        Asked asked = Asked.of(piece, stages, physics);
        Followings.End condition = known.get(asked);
        if (condition == null) {
            condition = simulation.get();
            known.put(asked, condition);
        }
        return condition;
    }
}
