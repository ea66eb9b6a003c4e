package brachion.server.problem;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.exc.MismatchedInputException;

/** A value is of the right kind, but none that can be kept; the message says what would be. */
public final class UnstorableException extends MismatchedInputException {

    private static final long serialVersionUID = 1L;

    /** @param sentence what would be accepted */
    public UnstorableException(JsonParser at, Class<?> type, String sentence) {
        super(at, sentence, type);
    }
}
