package brachion.core.trial;

import brachion.core.method.FailureMode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * How a trial ended.
 *
 * @param severity how badly the piece suffered
 * @param flaw     what was seen, the worst where it was several things; empty just when the piece is clean
 * @param also     what else was seen, each no worse than the piece
 */
public record Outcome(Severity severity, Optional<Flaw> flaw, List<Seen> also) {

    /** Refuses a clean piece with a flaw, a damaged one without, and what is seen twice or is worse than the piece. */
    public Outcome {
        also = List.copyOf(also);
        if (also.stream().anyMatch(seen -> seen.severity().compareTo(severity) > 0)
                || Stream.concat(flaw.stream(), also.stream().map(Seen::flaw)).distinct().count() != flaw.stream().count() + also.size()) {
            throw new IllegalArgumentException("What else was seen is no worse than the piece, and each is said once");
        }
        if ((severity == Severity.CLEAN) != flaw.isEmpty()) {
            throw new IllegalArgumentException(severity == Severity.CLEAN
                    ? "A clean piece has no flaw" : "Say what was seen on a piece that is not clean");
        }
    }

    /** A piece on which one thing was seen, or nothing. */
    public Outcome(Severity severity, Optional<Flaw> flaw) {
        this(severity, flaw, List.of());
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
        int shown = -1;
        boolean bentAllTheWay = true;
        for (Seen each : seen().toList()) {
            if (each.flaw().shows(mode)) {
                shown = Math.max(shown, each.severity().ordinal());
            }
            bentAllTheWay &= each.severity() != Severity.BROKEN || each.flaw().woodHeld();
        }
        return shown >= 0 ? OptionalInt.of(shown) : bentAllTheWay ? OptionalInt.of(Severity.CLEAN.ordinal()) : OptionalInt.empty();
    }

    /** Everything that was seen, the worst first. */
    public Stream<Seen> seen() {
        return Stream.concat(flaw.stream().map(worst -> new Seen(worst, severity)), also.stream());
    }
}
