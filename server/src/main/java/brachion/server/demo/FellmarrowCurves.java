package brachion.server.demo;

import brachion.core.quantity.LengthUnit;
import brachion.core.shape.Chain;
import brachion.core.shape.Stretch;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import brachion.core.shape.Turn;
import brachion.server.shape.Curves;
import java.util.List;

/** Curves Fellmarrow Workshop bends again and again: invented, like all of it. */
final class FellmarrowCurves {

    private static final double INCH = LengthUnit.INCH.millimetres();

    private final long handle;
    private final long frame;

    private FellmarrowCurves(long handle, long frame) {
        this.handle = handle;
        this.frame = frame;
    }

    /** The key of the crook handle. */
    long handle() {
        return handle;
    }

    /** The key of the snowshoe frame. */
    long frame() {
        return frame;
    }

    static FellmarrowCurves keptIn(Curves curves) {
        long handle = curves.keep("Crook handle", new Chain(List.of(straight(22), arc(14, 18, Turn.RIGHT), arc(5, 160, Turn.LEFT), arc(3.5, 55, Turn.LEFT), straight(2))));
        curves.keep("Settle leg", new Chain(List.of(straight(5), arc(16, 38, Turn.LEFT), straight(4), arc(20, 38, Turn.RIGHT), straight(6))));
        long frame = curves.keep("Snowshoe frame", new Chain(List.of(straight(20), arc(24, 24, Turn.RIGHT), arc(6, 228, Turn.LEFT), arc(24, 24, Turn.RIGHT), straight(20))));
        return new FellmarrowCurves(handle, frame);
    }

    private static Stretch straight(double inches) {
        return new Straight(inches * INCH);
    }

    private static Stretch arc(double inches, double degrees, Turn turn) {
        return new Arc(inches * INCH, degrees, turn);
    }
}
