package brachion.core.trial;

/** How badly a piece suffered, in rising order. */
public enum Severity {
    /** Nothing to see. */
    CLEAN,
    /** A flaw that can be mended or hidden. */
    FLAW,
    /** Broken. */
    BROKEN
}
