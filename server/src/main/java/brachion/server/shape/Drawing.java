package brachion.server.shape;

import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.util.List;

/**
 * What is drawn at full size.
 *
 * @param title  what it is of
 * @param notes  lines that stand beside it
 * @param strokes its lines
 * @param labels words at places of it
 */
record Drawing(String title, List<String> notes, List<Stroke> strokes, List<Label> labels) {

    /** What a line is. */
    enum Layer {
        /** The piece. */
        PIECE,
        /** The edge of a form. */
        FORM,
        /** Holes through it. */
        HOLES,
        /** Where bends begin and end. */
        MARKS
    }

    /**
     * A line.
     *
     * @param layer what it is
     * @param trace where it runs
     */
    record Stroke(Layer layer, Trace trace) {
    }

    /**
     * Words at a place.
     *
     * @param at   the middle of their lower edge
     * @param text the words
     */
    record Label(Place at, String text) {
    }

    /** Left, low, right, high of all that is drawn [mm]. */
    double[] box() {
        return Trace.boxRound(strokes.stream().map(Stroke::trace).toList());
    }

    /** Turned about the origin by an angle [rad]. */
    Drawing turned(double angleRad) {
        return new Drawing(title, notes, strokes.stream().map(stroke -> new Stroke(stroke.layer(), stroke.trace().placed(angleRad, 0, 0))).toList(),
                labels.stream().map(label -> new Label(label.at().turned(angleRad), label.text())).toList());
    }
}
