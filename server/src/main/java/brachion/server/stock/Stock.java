package brachion.server.stock;

/** What other capabilities may ask of the stock. */
public interface Stock {

    /** Whether no board was ever laid there. */
    boolean untouched();

    /** Whether there is a board of that key. */
    boolean has(long id);

    /** Lays a board there; gives its key. */
    long add(BoardFields board);
}
