package brachion.core.method;

/** The methods, without their settings. Records of one method say nothing about another. */
public enum MethodKind {
    /** Solid stock softened in a steam box. */
    STEAM_BOX,
    /** Thin dry strips bent cold with glue between. */
    COLD_LAMINATION
}
