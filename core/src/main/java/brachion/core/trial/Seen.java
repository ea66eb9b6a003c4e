package brachion.core.trial;

/**
 * Something seen on a bent piece.
 *
 * @param flaw     what was seen
 * @param severity how bad it is
 */
public record Seen(Flaw flaw, Severity severity) {

    /** Refuses something seen that is nothing. */
    public Seen {
        if (severity == Severity.CLEAN) {
            throw new IllegalArgumentException("What was seen is no flaw");
        }
    }
}
