package brachion.server.instrument;

/** What other capabilities may do with the instruments. */
public interface Instruments {

    /** Adds an instrument; its token is told this once. */
    Told add(String name, InstrumentKind kind);

    /**
     * A new instrument.
     *
     * @param id    its key
     * @param token what it shows that it is itself
     */
    record Told(long id, String token) {
    }
}
