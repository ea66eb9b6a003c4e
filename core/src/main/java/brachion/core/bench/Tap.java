package brachion.core.bench;

/** What a person at the bench says by one touch. */
public enum Tap {
    /** Its stock is sawn and planed. */
    PREPARED,
    /** Laid in water. */
    INTO_SOAK,
    /** Put into the heat, or on the pipe. */
    INTO_HEAT,
    /** What heats it has come to its temperature; time in the heat counts from here. */
    AT_HEAT,
    /** A thermometer in the heat was read. */
    READING,
    /** Taken out of the heat. */
    PULLED,
    /** Spreading the glue begins. */
    GLUE_ON,
    /** Fully clamped. */
    CLAMPED,
    /** The steam that was left on is off. */
    STEAM_OFF,
    /** Taken off the form or out of the clamps. */
    RELEASED,
    /** Feathers rose on the outer face. */
    FEATHERS,
    /** A crease showed on the inner face. */
    CREASE,
    /** Something was heard. */
    CLICK,
    /** It broke. */
    BROKE,
    /** The verdict was written down. */
    JUDGED;

    /** Whether it notes something seen or heard and leaves the piece at its step. */
    public boolean notes() {
        return this == FEATHERS || this == CREASE || this == CLICK;
    }
}
