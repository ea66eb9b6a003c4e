package brachion.server.storage;

import java.util.OptionalDouble;

/** What nobody measured or wrote down: null on the wire and in the database, empty in core. */
public final class Absent {

    private Absent() {
    }

    /** A number that may be null, as core takes it. */
    public static OptionalDouble known(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** A number of core, null where it is empty. */
    public static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** A text without blanks around it, null where it says nothing. */
    public static String given(String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
