package brachion.core.shape;

/** The side an arc turns to, along the line. */
public enum Turn {
    /** To the left. */
    LEFT,
    /** To the right. */
    RIGHT;

    /** 1 to the left, −1 to the right. */
    int sign() {
        return this == LEFT ? 1 : -1;
    }

    /** The side a curvature above or below zero turns to. */
    static Turn of(double curvature) {
        return curvature > 0 ? LEFT : RIGHT;
    }
}
