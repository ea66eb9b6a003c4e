package brachion.server.stock;

/** What other capabilities may ask of the stock. */
public interface Stock {

    /** Whether no board was ever laid there. */
    boolean untouched();

    /** Lays a board there; gives its key. */
    long add(BoardFields board);
}
