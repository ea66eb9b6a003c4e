package brachion.server.problem;

/** Something stored was written by a newer version of the product and cannot be read by this one. */
public final class NewerRecordException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** @param why what cannot be read, a sentence */
    public NewerRecordException(String why) {
        super("A newer version of Brachion wrote this. " + why + " Start the newer version; nothing is lost.");
    }
}
