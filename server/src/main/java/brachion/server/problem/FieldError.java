package brachion.server.problem;

import tools.jackson.core.JacksonException;
import tools.jackson.core.JacksonException.Reference;

/**
 * One field that was refused.
 *
 * @param field   path of the field in the request, such as {@code recipe.blank.thicknessMm}
 * @param message what would be accepted, a plain sentence
 */
public record FieldError(String field, String message) {

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
        return new FieldError(path.toString(), "This value cannot be read here.");
    }
}
