package brachion.server.photo;

/** What other capabilities may ask of the photographs. */
public interface Photos {

    /** Keeps a photograph of a record. */
    void addToTrial(long trial, PhotoFields said, byte[] picture);

    /** Keeps a photograph of a board in stock. */
    void addToBoard(long board, PhotoFields said, byte[] picture);
}
