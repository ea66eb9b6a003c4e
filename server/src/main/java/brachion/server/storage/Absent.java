package brachion.server.storage;

import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** What nobody measured or wrote down: null on the wire and in the database, empty in core. */
public final class Absent {

    private static final Pattern LINE_END = Pattern.compile("\r\n?");
    /** Control characters but for tab and line end, the mark of byte order, and what is no character at all (Unicode 15, 2.4 and 23.8). */
    private static final Pattern UNSEEN = Pattern.compile("[\\p{Cc}\\uFEFF\\uFFFE\\uFFFF&&[^\t\n]]");

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

    /** A text as it is kept, null where it says nothing. */
    public static String given(String text) {
        String kept = text == null ? "" : kept(text);
        return kept.isEmpty() ? null : kept;
    }

    /**
     * A text as it is kept: without blanks around it, its lines ended alike, and without signs nobody sees, so that it is the same text
     * whichever file it went through.
     */
    public static String kept(String text) {
        return UNSEEN.matcher(LINE_END.matcher(text).replaceAll("\n")).replaceAll("").strip();
    }
}
