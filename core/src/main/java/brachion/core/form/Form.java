package brachion.core.form;

import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Point;

/**
 * A form for a curved piece: its parts lie about the piece as it lies on the form. A press lies level.
 *
 * @param piece   the piece on the form, outlined
 * @param parts   what is cut from sheets
 * @param layout  how all layers of all parts lie on sheets
 * @param pegs    how many pegs
 * @param clamps  how many clamps go along it; 0 where none do
 * @param alsoRack whether air reaches the inner face of a piece that dries on it
 * @param runOutMm how far its edge goes straight on beyond each end of the piece [mm]; 0 where it does not
 * @param cost    price of the sheets; 0 when nobody said what one costs
 * @param hours   hours to cut, drill and glue it up, by round numbers chosen by us
 */
public record Form(Trace piece, List<Part> parts, ShelfLayout layout, int pegs, int clamps, boolean alsoRack, double runOutMm, double cost, double hours) {

    /** The form goes on straight beyond the piece [mm]; common practice. */
    static final double RUN_OUT_MM = 40;
    /** Sawing a curved line [mm/h]: 0.3 m a minute. */
    private static final double SAWN_MM_H = 18_000;
    /** A hole [h]. */
    private static final double HOLE_H = 1 / 60.0;
    /** Marking out, gluing up, waxing [h]. */
    private static final double SET_UP_H = 1;
    /** As many layers and blocks are laid on sheets. */
    private static final int MOST_LAYERS = 3000;

    /**
     * A form.
     *
     * @param formed the chain as it lies on the form
     * @throws IllegalArgumentException when no such form can be made of what is at hand
     */
    public static Form of(Chain formed, FormWanted wanted) {
        double thickness = wanted.thicknessMm();
        Course middle = formed.middle(thickness);
        Course there = formed.tightestTurn(thickness) == Turn.RIGHT ? middle.reversed() : middle;
        boolean opens = wanted.kind() == FormKind.PRESS || wanted.kind() == FormKind.RIBS;
        Course along = opens ? OpeningForm.levelled(there) : there;
        List<Part> parts = switch (wanted.kind()) {
            case ONE_SIDED -> OneSidedForm.parts(along, wanted);
            case PRESS -> OpeningForm.halves(along, wanted);
            case RIBS -> OpeningForm.ribs(along, wanted);
            case BLOCKS -> FormOnBoard.blocks(along, wanted);
            case PEG_BOARD -> List.of(FormOnBoard.pegs(along, wanted));
        };
        List<ShelfLayout.Blank> blanks = new ArrayList<>();
        double sawn = 0;
        int holes = 0;
        int all = parts.stream().mapToInt(Part::layers).sum();
        if (all > MOST_LAYERS) {
            throw new IllegalArgumentException("This form takes " + all + " layers and blocks; " + MOST_LAYERS + " are laid out at most. Take thicker sheets or set them further apart.");
        }
        for (int part = 0; part < parts.size(); part++) {
            double[] size = Outlines.sidesRound(parts.get(part).outline());
            for (int layer = 0; layer < parts.get(part).layers(); layer++) {
                blanks.add(new ShelfLayout.Blank(part, size[0], size[1]));
            }
            sawn += parts.get(part).outline().lengthMm() * parts.get(part).layers();
            holes += parts.get(part).holes().size() * parts.get(part).layers();
        }
        ShelfLayout layout = ShelfLayout.of(blanks, wanted.sheet());
        int pegs = wanted.kind() == FormKind.PEG_BOARD ? parts.get(0).holes().size() : 0;
        boolean runsOut = opens || wanted.kind() == FormKind.ONE_SIDED && !OneSidedForm.allRound(along);
        boolean clamped = wanted.kind() == FormKind.ONE_SIDED || wanted.kind() == FormKind.PRESS;
        boolean airy = wanted.kind() == FormKind.ONE_SIDED ? wanted.alsoRack() : wanted.kind() != FormKind.PRESS;
        return new Form(outline(along, thickness), parts, layout, pegs, clamped ? wanted.clamps(along.lengthMm()) : 0, airy, runsOut ? RUN_OUT_MM : 0, layout.sheets() * wanted.sheet().price(), SET_UP_H + sawn / SAWN_MM_H + holes * HOLE_H);
    }

    /** Both faces of a piece along its middle, joined at its ends. */
    public static Trace outline(Course middle, double thicknessMm) {
        return middle.leftBy(thicknessMm / 2).trace().closedWith(middle.leftBy(-thicknessMm / 2).reversed().trace());
    }

    /** Whether a piece along a middle comes to lie on itself. */
    public static boolean crosses(Course middle, double thicknessMm) {
        return !Outlines.polygon(outline(middle, thicknessMm)).isValid();
    }

    /** A place well within an outline, to write on. */
    public static Place inside(Trace outline) {
        Point within = Outlines.polygon(outline).getInteriorPoint();
        return new Place(within.getX(), within.getY());
    }
}
