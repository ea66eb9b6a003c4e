package brachion.core.trial;

/** Where along its bend a piece gave way. */
public enum AlongBend {
    /** Where the bend begins. */
    BEGINNING,
    /** In its first half. */
    FIRST_HALF,
    /** In its middle. */
    MIDDLE,
    /** In its second half. */
    SECOND_HALF,
    /** Where it ends. */
    END
}
