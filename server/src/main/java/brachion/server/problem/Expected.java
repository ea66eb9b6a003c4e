package brachion.server.problem;

import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Collection;
import java.util.stream.Collectors;

/** What a value of a type looks like, as a sentence for whoever sent another. */
final class Expected {

    private Expected() {
    }

    static String sentence(Class<?> type) {
        if (type == null) {
            return "This value cannot be read here.";
        }
        if (type.isEnum()) {
            return "One of " + Arrays.stream(type.getEnumConstants()).map(Object::toString).collect(Collectors.joining(", ")) + " belongs here.";
        }
        if (type == Integer.class || type == Long.class || type == int.class || type == long.class) {
            return "A whole number belongs here.";
        }
        if (Number.class.isAssignableFrom(type) || type == double.class) {
            return "A number belongs here.";
        }
        if (type == Boolean.class || type == boolean.class) {
            return "true or false belongs here.";
        }
        if (type == String.class) {
            return "A text belongs here.";
        }
        if (Temporal.class.isAssignableFrom(type)) {
            return "A day belongs here, written as 2026-11-25.";
        }
        return Collection.class.isAssignableFrom(type) || type.isArray() ? "A list belongs here." : "An object belongs here.";
    }
}
