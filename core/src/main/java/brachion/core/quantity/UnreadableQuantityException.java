package brachion.core.quantity;

/** A measurement was typed in a way that cannot be read, or that could be read in two ways. */
public final class UnreadableQuantityException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final String text;
    private final String accepted;

    /**
     * @param text     what was typed
     * @param reason   what is wrong with it, a plain clause
     * @param accepted examples of what would be read
     */
    public UnreadableQuantityException(String text, String reason, String accepted) {
        super("“" + text + "” " + reason + ". Try " + accepted + ".");
        this.text = text;
        this.accepted = accepted;
    }

    /** What was typed. */
    public String text() {
        return text;
    }

    /** Examples of what would be read. */
    public String accepted() {
        return accepted;
    }
}
