package brachion.core.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/**
 * A curve as a chain of straights and arcs, as a person says it: the radius of an arc is that of the face that is squeezed.
 *
 * @param stretches its parts in order, the last one where the piece ends
 */
public record Chain(List<Stretch> stretches) {

    /** As many parts are taken. */
    public static final int MOST = 400;

    /** Refuses a chain of nothing, and one of too much. */
    public Chain {
        stretches = List.copyOf(stretches);
        if (stretches.isEmpty() || stretches.size() > MOST) {
            throw new IllegalArgumentException("A curve has 1 to " + MOST + " straights and arcs, not " + stretches.size());
        }
    }

    /**
     * The middle of a piece so thick [mm] bent to it, from the origin on to the right.
     *
     * @throws IllegalArgumentException when that is longer than any piece
     */
    public Course middle(double thicknessMm) {
        Course middle = new Course(Pose.START, stretches.stream().map(stretch -> stretch.alongMiddle(thicknessMm)).toList());
        requireNoLongerThanAPiece(middle);
        return middle;
    }

    /** A curve may be shorter than a piece, which has ends beyond it. */
    private static void requireNoLongerThanAPiece(Course middle) {
        if (middle.lengthMm() > PhysicalBound.PIECE_LENGTH_MM.highest()) {
            PhysicalBound.PIECE_LENGTH_MM.require(middle.lengthMm());
        }
    }

    /** Length along whichever face is the outer one of a piece so thick [mm]: that of the stock where a strap with stops takes all stretch. */
    public double outerMm(double thicknessMm) {
        return middle(thicknessMm).lengthMm() + arcs().stream().mapToDouble(arc -> Math.toRadians(arc.angleDegrees()) * thicknessMm / 2).sum();
    }

    /** The arcs of it. */
    public List<Arc> arcs() {
        return stretches.stream().filter(Arc.class::isInstance).map(Arc.class::cast).toList();
    }

    /**
     * The bends of a piece so thick [mm]: arcs that follow one another to the same side are one bend, as tight as the tightest of
     * them and as far round as all.
     */
    public List<OneBend> bends(double thicknessMm) {
        List<OneBend> bends = new ArrayList<>();
        double along = 0;
        OneBend open = null;
        for (int i = 0; i < stretches.size(); i++) {
            double length = stretches.get(i).alongMiddle(thicknessMm).lengthMm();
            if (stretches.get(i) instanceof Arc arc) {
                if (open != null && open.turn() == arc.turn()) {
                    open = open.and(arc, i, along, length);
                    bends.set(bends.size() - 1, open);
                } else {
                    open = new OneBend(i, i, arc.innerRadiusMm(), arc.angleDegrees(), arc.turn(), along, length, along + length / 2);
                    bends.add(open);
                }
            } else {
                open = null;
            }
            along += length;
        }
        return bends;
    }

    /** The side the tightest bend of a piece so thick [mm] turns to; to the left where there is none. */
    public Turn tightestTurn(double thicknessMm) {
        return bends(thicknessMm).stream().min(Comparator.comparingDouble(OneBend::tightestMm)).map(OneBend::turn).orElse(Turn.LEFT);
    }

    /** The same chain with each arc on the form it opens from: what form radius [mm] an arc needs. */
    public Chain onForm(double thicknessMm, ToDoubleFunction<Arc> formRadius) {
        return new Chain(stretches.stream().map(stretch -> stretch instanceof Arc arc
                ? arc.onForm(formRadius.applyAsDouble(arc), thicknessMm) : stretch).toList());
    }

    /**
     * A chain that lies as a smooth line along the middle of a piece so thick [mm] does.
     *
     * @throws IllegalArgumentException where the line is tighter than any piece so thick can lie, and when it is longer than any piece
     */
    public static Chain along(Course middle, double thicknessMm) {
        if (middle.runs().size() > MOST) {
            throw new IllegalArgumentException("The line winds so much that it takes " + middle.runs().size() + " arcs; " + MOST
                    + " are taken at most. Let the curve pass it further off.");
        }
        List<Stretch> stretches = new ArrayList<>();
        double along = 0;
        for (Run run : middle.runs()) {
            along += run.lengthMm();
            double inner = 1 / Math.abs(run.curvature()) - thicknessMm / 2;
            if (run.straight() || inner > PhysicalBound.ARC_RADIUS_MM.highest() || Math.toDegrees(Math.abs(run.turnRad())) < PhysicalBound.ARC_DEGREES.lowest()) {
                stretches.add(new Straight(PhysicalBound.STRAIGHT_MM.nearest(run.lengthMm())));
            } else if (inner < PhysicalBound.ARC_RADIUS_MM.lowest()) {
                throw new IllegalArgumentException(String.format(Locale.ROOT,
                        "The line turns on a radius of %.1f mm at %.0f mm along it; a piece %.1f mm thick cannot lie along that.",
                        1 / Math.abs(run.curvature()), along - run.lengthMm() / 2, thicknessMm));
            } else {
                stretches.add(new Arc(inner, Math.toDegrees(Math.abs(run.turnRad())), Turn.of(run.curvature())));
            }
        }
        requireNoLongerThanAPiece(middle);
        return new Chain(stretches);
    }
}
