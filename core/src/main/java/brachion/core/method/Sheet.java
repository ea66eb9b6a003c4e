package brachion.core.method;

import brachion.core.quantity.Measurement;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What is measured out at the bench for a bend, in the order of work.
 *
 * @param lines each a measure with its value, in the unit of the measure
 */
public record Sheet(List<Line> lines) {

    /** Left over at both ends of a bend to be held by and cut off [mm] (a round number chosen by us). */
    private static final double OVERHANG_MM = 100;

    /** Keeps the lines as they are now. */
    public Sheet {
        lines = List.copyOf(lines);
    }

    /**
     * One line of it.
     *
     * @param measure what is measured out
     * @param value   how much, in the unit the measurement is kept in
     */
    public record Line(Measure measure, double value) {
    }

    /** What can be measured out. */
    public enum Measure {
        /** Length of the bend along its outer face. */
        OUTER_ARC(Measurement.LENGTH),
        /** Length of the bend along its inner face. */
        INNER_ARC(Measurement.LENGTH),
        /** Saw cuts over the bend. */
        CUTS(Measurement.COUNT),
        /** From one cut to the next. */
        PITCH(Measurement.LENGTH),
        /** Width of each cut. */
        KERF(Measurement.LENGTH),
        /** Wood left standing under each cut. */
        WEB(Measurement.LENGTH),
        /** How deep each cut goes. */
        CUT_DEPTH(Measurement.LENGTH),
        /** How far each cut closes. */
        ANGLE_EACH(Measurement.ANGLE),
        /** Opening left at the mouth of each cut once the curve is reached. */
        ROOM_LEFT(Measurement.LENGTH),
        /** How far the outer face stands off the true curve between two cuts. */
        FACET(Measurement.LENGTH),
        /** Length that is heated on the pipe. */
        HEATED_LENGTH(Measurement.LENGTH),
        /** Temperature of the face against the pipe when it bends. */
        INNER_FACE(Measurement.TEMPERATURE),
        /** Temperature of the face away from the pipe. */
        OUTER_FACE(Measurement.TEMPERATURE),
        /** Chance that the face against the pipe scorches [%]. */
        SCORCH(Measurement.SHARE),
        /** Thickness of each ply. */
        PLY(Measurement.LENGTH),
        /** Thickness of the ply without cuts that lies against the form. */
        CLEAN_PLY(Measurement.LENGTH),
        /** Number of plies. */
        PLIES(Measurement.COUNT),
        /** Glue lines between them. */
        GLUE_LINES(Measurement.COUNT),
        /** Length the plies are cut to, with an overhang at both ends. */
        PLY_LENGTH(Measurement.LENGTH),
        /** Width the plies are cut to, with what is trimmed after gluing. */
        PLY_WIDTH(Measurement.LENGTH),
        /** Glue on all lines. */
        GLUE(Measurement.MASS),
        /** From the first spreading to the last clamp, by one pair of hands. */
        CLOSING(Measurement.MINUTES),
        /** How long the glue stays open in this shop. */
        OPEN_TIME(Measurement.MINUTES),
        /** Clamps over the bend. */
        CLAMPS(Measurement.COUNT),
        /** Thickness of a rod where it is shaved for the bend. */
        THINNED_TO(Measurement.LENGTH),
        /** Length over which it is. */
        THINNED_OVER(Measurement.LENGTH),
        /** Width of the block between the legs of a bend. */
        CENTRE_BLOCK(Measurement.LENGTH),
        /** Pins along the outer face. */
        PINS(Measurement.COUNT),
        /** Radius at the tightest place of a bend made without a form. */
        TIGHTEST_RADIUS(Measurement.LENGTH),
        /** From end to end of a plate along the grain, straight, as its former is. */
        SPAN_ALONG(Measurement.LENGTH),
        /** How far a former rises over that. */
        RISE_ALONG(Measurement.LENGTH),
        /** How far it rises over the width of the plate. */
        RISE_ACROSS(Measurement.LENGTH),
        /** Radius of the former across the grain. */
        RADIUS_ACROSS(Measurement.LENGTH),
        /** What a plate is stretched by along the grain [%]. */
        STRETCH_ALONG(Measurement.SHARE),
        /** What it is stretched by across [%]. */
        STRETCH_ACROSS(Measurement.SHARE),
        /** How often it is heated and pushed on. */
        ROUNDS(Measurement.COUNT),
        /** In the water before it is first pushed. */
        FIRST_HEAT(Measurement.MINUTES),
        /** In the water before each later push. */
        LATER_HEATS(Measurement.MINUTES);

        private final Measurement measurement;

        Measure(Measurement measurement) {
            this.measurement = measurement;
        }

        /** How it is measured and printed. */
        public Measurement measurement() {
            return measurement;
        }
    }

    /** The two arcs of a curve, which every bend is marked out by. */
    static Sheet ofTheCurve(Recipe recipe) {
        return of(recipe, recipe.blank().thicknessMm());
    }

    /** The same for a finished thickness [mm]. */
    static Sheet of(Recipe recipe, double thicknessMm) {
        Bend bend = recipe.bend();
        return new Sheet(List.of(new Line(Measure.OUTER_ARC, bend.outerArcMm(thicknessMm)),
                new Line(Measure.INNER_ARC, bend.outerArcMm(0))));
    }

    /** The same with one more line. */
    Sheet and(Measure measure, double value) {
        List<Line> more = new ArrayList<>(lines);
        more.add(new Line(measure, value));
        return new Sheet(more);
    }

    /** What is measured out as a measure; empty when it is not. */
    public OptionalDouble value(Measure measure) {
        return lines.stream().filter(line -> line.measure() == measure).mapToDouble(Line::value).findFirst();
    }

    /** Length of the stock [mm]: the outer arc with an overhang at both ends, plies as they are measured out for gluing. */
    public double stockLengthMm() {
        return value(Measure.PLY_LENGTH).orElseGet(() -> value(Measure.OUTER_ARC).orElseThrow() + 2 * OVERHANG_MM);
    }
}
