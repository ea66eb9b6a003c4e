package brachion.core.bench;

/** A touch that cannot follow what was done before; the message is a sentence for the person. */
public final class OutOfTurnException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    OutOfTurnException(String sentence) {
        super(sentence);
    }
}
