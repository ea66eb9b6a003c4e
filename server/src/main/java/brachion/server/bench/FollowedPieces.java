package brachion.server.bench;

import brachion.core.bench.Following;
import brachion.core.bench.GlueAtHand;
import brachion.core.bench.PieceLife;
import brachion.core.bench.Standing;
import brachion.core.method.Recipe;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Pieces whose wood is being followed, so that each look carries on from the last one. What is let go is followed anew. */
@Component
class FollowedPieces {

    private static final int KEPT = 200;

    private final Map<Long, Kept> kept = new LinkedHashMap<>(KEPT, 0.75f, true) {

        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Kept> eldest) {
            return size() > KEPT;
        }
    };

    private record Kept(Recipe plan, GlueAtHand glue, Following following) {
    }

    Standing standing(long id, Recipe plan, GlueAtHand glue, PieceLife life, Instant now) {
        Following following = following(id, plan, glue);
        synchronized (following) {
            return following.at(life, now);
        }
    }

    /** What was read in its heat is something else now. */
    synchronized void followAnew(long id) {
        kept.remove(id);
    }

    private synchronized Following following(long id, Recipe plan, GlueAtHand glue) {
        Kept known = kept.get(id);
        if (known == null || !known.plan().equals(plan) || !known.glue().equals(glue)) {
            known = new Kept(plan, glue, new Following(plan, glue));
            kept.put(id, known);
        }
        return known.following();
    }
}
