package brachion.core.method;

/**
 * Whose hands, which board and where it came from, as the shop calls them; an empty name is one nobody wrote down.
 *
 * @param person who bent it
 * @param board  the board it was cut from
 * @param source where the board came from
 * @param shop   the shop whose record it is where that is another one; people and boards of two shops are never the same
 */
public record Names(String person, String board, String source, String shop) {

    private static final Names NONE = new Names("", "", "");

    /** Names of the shop's own. */
    public Names(String person, String board, String source) {
        this(person, board, source, "");
    }

    /** The same in another shop. */
    public Names of(String otherShop) {
        return new Names(in(otherShop, person), in(otherShop, board), in(otherShop, source), otherShop);
    }

    /** The same of another board. */
    public Names withBoard(String other) {
        return new Names(person, other, source, shop);
    }

    /** Whether they are of another shop than this one. */
    public boolean ofAnotherShop() {
        return !shop.isEmpty();
    }

    private static String in(String shop, String name) {
        return name.isEmpty() ? "" : name + " of " + shop;
    }

    /** Nothing written down. */
    public static Names none() {
        return NONE;
    }
}
