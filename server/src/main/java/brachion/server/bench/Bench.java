package brachion.server.bench;

import brachion.core.bench.Tap;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What other capabilities may ask of the bench. */
public interface Bench {

    /** Whether nothing ever lay on it. */
    boolean untouched();

    /** Whether a piece of that key is under way. */
    boolean has(long id);

    /** Lays a piece on it with what was said of it so far. */
    void lay(PlanFields plan, List<TapFields> said);

    /** Everything that is neither judged nor taken off, in the order it was laid there. */
    List<PieceOnBench> onIt(Instant now);

    /** What pieces are called, those that were judged or taken off as well, by their keys. */
    Map<Long, String> names(Collection<Long> pieces);

    /**
     * Minutes from one touch to another as they usually are in this shop, the median of the latest pieces; empty while they are too few.
     *
     * @param person whose pieces are looked at; empty for everybody's
     */
    OptionalDouble usualMinutes(Tap from, Tap to, Optional<String> person);
}
