package brachion.core.trial;

import brachion.core.method.FailureMode;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How a trial ended.
 *
 * @param severity how badly the piece suffered
 * @param flaw     what was seen; empty just when the piece is clean
 */
public record Outcome(Severity severity, Optional<Flaw> flaw) {

    /** Refuses a clean piece with a flaw and a damaged one without. */
    public Outcome {
        if ((severity == Severity.CLEAN) != flaw.isEmpty()) {
            throw new IllegalArgumentException(severity == Severity.CLEAN
                    ? "A clean piece has no flaw" : "Say what was seen on a piece that is not clean");
        }
    }

    /** A piece with nothing to see. */
    public static Outcome clean() {
        return new Outcome(Severity.CLEAN, Optional.empty());
    }

    /** A piece that shows a flaw. */
    public static Outcome damaged(Severity severity, Flaw flaw) {
        return new Outcome(severity, Optional.of(flaw));
    }

    /**
     * What this outcome says of one failure mode: the severity it reached, or nothing when the piece broke in another
     * way before this mode could show. Plies that came apart were bent all the way, so there the wood held.
     */
    public OptionalInt severityOf(FailureMode mode) {
        if (flaw.flatMap(Flaw::mode).filter(mode::equals).isPresent()) {
            return OptionalInt.of(severity.ordinal());
        }
        boolean bentAllTheWay = severity != Severity.BROKEN || flaw.orElseThrow().woodHeld();
        return bentAllTheWay ? OptionalInt.of(Severity.CLEAN.ordinal()) : OptionalInt.empty();
    }
}
