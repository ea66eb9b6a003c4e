package brachion.core.method;

/** What is put in the water of the soak. */
public enum SoakAdditive {
    /** Plain water. */
    NONE,
    /** Fabric softener, by which some swear. */
    SOFTENER
}
