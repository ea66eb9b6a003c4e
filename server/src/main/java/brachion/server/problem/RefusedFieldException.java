package brachion.server.problem;

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
