package brachion.server.problem;

import tools.jackson.core.JacksonException;

/** A field of a request is well formed but cannot be accepted. */
public final class RefusedFieldException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String field;

    /**
     * @param field   path of the field in the request
     * @param message what would be accepted
     */
    public RefusedFieldException(String field, String message) {
        super(message);
        this.field = field;
    }

    /** A value that is none its field takes. */
    public static RefusedFieldException unreadable(JacksonException unreadable) {
        FieldError error = FieldError.unreadable(unreadable);
        return new RefusedFieldException(error.field(), error.message());
    }

    /**
     * A species that is not among those there are.
     *
     * @param field path of the field in the request
     * @param id    the key given
     */
    public static RefusedFieldException unknownSpecies(String field, String id) {
        return new RefusedFieldException(field, "There is no species “" + id + "”.");
    }

    /** The refusal as it travels. */
    public FieldError error() {
        return new FieldError(field, getMessage());
    }
}
