package brachion.server.bench;

import java.util.List;

/** What other capabilities may ask of the bench. */
public interface Bench {

    /** Whether nothing ever lay on it. */
    boolean untouched();

    /** Whether a piece of that key is under way. */
    boolean has(long id);

    /** Lays a piece on it with what was said of it so far. */
    void lay(PlanFields plan, List<TapFields> said);
}
