package brachion.core.bench;

/** Where a piece is on its way. */
public enum Step {
    /** Nothing was done yet. */
    PLANNED,
    /** Its stock is sawn and planed; nothing else was done yet. */
    PREPARED,
    /** In water. */
    SOAKING,
    /** In the heat. */
    HEATING,
    /** Out of the heat, not yet clamped. */
    BENDING,
    /** Hot wood on its form. */
    ON_FORM,
    /** Off the form, drying. */
    DRYING,
    /** Glue is being spread and clamps are being set. */
    GLUING,
    /** In the clamps until the glue has set. */
    IN_CLAMPS,
    /** Nothing more is done to it; a verdict is due. */
    FINISHED,
    /** Judged. */
    JUDGED;

    /** Whether water, heat, glue or clamps have touched it. */
    public boolean begun() {
        return this != PLANNED && this != PREPARED;
    }
}
