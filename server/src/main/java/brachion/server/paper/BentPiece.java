package brachion.server.paper;

import brachion.core.form.Form;
import brachion.core.method.Bend;
import brachion.core.method.Recipe;
import brachion.core.quantity.PhysicalBound;
import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.OneBend;
import brachion.core.shape.Place;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import brachion.server.paper.Sketch.Ink;
import java.util.List;

/** A piece as it is wanted, drawn bent. */
public final class BentPiece {

    /** As high as it may be for its width. */
    private static final double HIGHEST = 0.3;
    /** Room for the length below it. */
    private static final double BELOW_MM = 9;
    /** Straight wood beside a bend that is drawn alone [mm]; none where its ends come near each other. */
    private static final double LEG_MM = 100;
    private static final double NEARLY_ROUND_DEGREES = 300;
    /** A thin piece on a wide form would not be seen where it is drawn small. */
    private static final double THINNEST_SEEN = 0.06;
    /** Each bend is written on where there are no more than these. */
    private static final int WRITTEN = 4;
    /** What was bent longer than any piece lies is drawn smaller, which nobody sees. */
    private static final double LONGEST_DRAWN_MM = 10_000;

    private BentPiece() {
    }

    /** The bend of a recipe, as an arch. */
    static Sketch of(Recipe recipe, Ruler ruler, double widthMm) {
        return of(recipe, arch(recipe.bend()), Math.toRadians(recipe.bend().angleDegrees()) / 2, ruler, widthMm);
    }

    /** The curve of several bends, as it lies. */
    public static Sketch of(Recipe recipe, Chain chain, Ruler ruler, double widthMm) {
        return of(recipe, chain, 0, ruler, widthMm);
    }

    /** A bend small and without words. */
    static Sketch small(Bend bend, double thicknessMm, double widthMm, double heightMm) {
        double scale = Math.min(1, LONGEST_DRAWN_MM / bend.outerArcMm(thicknessMm));
        Chain chain = arch(new Bend(PhysicalBound.INNER_RADIUS_MM.nearest(bend.innerRadiusMm() * scale), bend.angleDegrees()));
        double seen = scale * Math.max(thicknessMm, bend.innerRadiusMm() * THINNEST_SEEN);
        Trace outline = Form.outline(chain.middle(seen).placed(Math.toRadians(bend.angleDegrees()) / 2, 0, 0), seen);
        Sketch on = new Sketch(widthMm, heightMm);
        on.trace(outline, Placing.within(Trace.boxRound(List.of(outline)), 0, 0, widthMm, heightMm), Ink.LINE, true);
        return on;
    }

    private static Chain arch(Bend bend) {
        Arc arc = new Arc(bend.innerRadiusMm(), bend.angleDegrees(), Turn.RIGHT);
        Straight leg = new Straight(Math.min(LEG_MM, bend.innerRadiusMm()));
        return new Chain(bend.angleDegrees() > NEARLY_ROUND_DEGREES ? List.of(arc) : List.of(leg, arc, leg));
    }

    private static Sketch of(Recipe recipe, Chain chain, double turnedRad, Ruler ruler, double widthMm) {
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        Course middle = chain.middle(thickness).placed(turnedRad, 0, 0);
        Trace outline = Form.outline(middle, thickness);
        double[] box = Trace.boxRound(List.of(outline));
        Placing placing = Placing.framed(box, widthMm, HIGHEST * widthMm);
        Sketch on = new Sketch(widthMm, Placing.framedHighMm(box, widthMm, HIGHEST * widthMm) + BELOW_MM);
        on.trace(outline, placing, Ink.THICK, true);
        List<OneBend> bends = chain.bends(thickness);
        for (int i = 0; i < bends.size(); i++) {
            OneBend bend = bends.get(i);
            String says = bends.size() <= WRITTEN ? "R " + ruler.about(bend.tightestMm()) + ", " + Math.round(bend.angleDegrees()) + "°" : String.valueOf(i + 1);
            double side = bend.turn() == Turn.LEFT ? 1 : -1;
            double off = thickness / 2 + Math.min(bend.tightestMm() / 2, 9 / placing.scale());
            Place beside = middle.at(bend.tightestAtMm()).leftBy(side * off).place();
            on.word(says, placing.x(beside), placing.y(beside) + Sketch.LETTERS_MM / 2);
        }
        Place low = new Place(box[0], box[1]);
        Place up = new Place(box[2], box[3]);
        on.across(placing.x(low), placing.x(up), placing.y(low) + 7, ruler.about(box[2] - box[0]));
        on.down(placing.x(up) + 4, placing.y(up), placing.y(low), ruler.about(box[3] - box[1]));
        on.caption("As it is wanted, " + placing.inWords() + ".");
        return on;
    }
}
