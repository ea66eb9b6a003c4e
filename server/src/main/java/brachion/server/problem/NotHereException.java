package brachion.server.problem;

/** What was asked for does not exist, or no longer does. */
public final class NotHereException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param message what is missing, a plain sentence */
    public NotHereException(String message) {
        super(message);
    }
}
