package brachion.server.trial;

/**
 * Where a trial came from.
 *
 * @param table     key of the table it came in with, null where it was written down here
 * @param otherShop key of the shop whose it is, null for this one's own
 */
public record CameFrom(Long table, Long otherShop) {

    /** It was written down here. */
    public static final CameFrom HERE = new CameFrom(null, null);
}
