package brachion.server.problem;

import tools.jackson.core.JacksonException;
import tools.jackson.core.JacksonException.Reference;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.MismatchedInputException;

/**
 * One field that was refused.
 *
 * @param field   path of the field in the request, such as {@code recipe.blank.thicknessMm}
 * @param message what would be accepted, a plain sentence
 */
public record FieldError(String field, String message) {

    static final String TOO_MUCH = "A document may be up to 32 objects and lists deep, a text in it 20,000 characters long and a number 100 digits.";

    /** A value that is none its field takes, at its place in the document. */
    public static FieldError unreadable(JacksonException unreadable) {
        StringBuilder path = new StringBuilder();
        for (Reference step : unreadable.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return new FieldError(path.toString(), sentence(unreadable));
    }

    private static String sentence(JacksonException unreadable) {
        if (unreadable instanceof UnstorableException) {
            return unreadable.getOriginalMessage();
        }
        if (unreadable instanceof StreamConstraintsException) {
            return TOO_MUCH;
        }
        return Expected.sentence(unreadable instanceof MismatchedInputException mismatch ? mismatch.getTargetType() : null);
    }
}
