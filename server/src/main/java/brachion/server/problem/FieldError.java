package brachion.server.problem;

/**
 * One field that was refused.
 *
 * @param field   path of the field in the request, such as {@code recipe.blank.thicknessMm}
 * @param message what would be accepted, a plain sentence
 */
public record FieldError(String field, String message) {
}
