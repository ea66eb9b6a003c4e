package brachion.server.problem;

/** Somebody changed the thing between reading and writing it. */
public final class EditConflictException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param message what happened and what to do, a plain sentence or two */
    public EditConflictException(String message) {
        super(message);
    }
}
