package brachion.core.method;

/**
 * Whose hands, which board and where it came from, as the shop calls them; an empty name is one nobody wrote down.
 *
 * @param person who bent it
 * @param board  the board it was cut from
 * @param source where the board came from
 */
public record Names(String person, String board, String source) {

    private static final Names NONE = new Names("", "", "");

    /** Nothing written down. */
    public static Names none() {
        return NONE;
    }
}
