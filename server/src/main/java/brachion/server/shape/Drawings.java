package brachion.server.shape;

import brachion.core.form.Form;
import brachion.core.form.Part;
import brachion.core.method.Recipe;
import brachion.core.shape.Chain;
import brachion.core.shape.Course;
import brachion.core.shape.OneBend;
import brachion.core.shape.Place;
import brachion.core.shape.Pose;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import brachion.server.paper.Ruler;
import brachion.server.shape.Drawing.Label;
import brachion.server.shape.Drawing.Layer;
import brachion.server.shape.Drawing.Stroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Draws pieces and forms at full size. */
final class Drawings {

    private static final double MARK_BEYOND_MM = 6;
    private static final double LABEL_OFF_MM = 20;
    private static final Map<Part.Role, String> ROLE = Map.of(Part.Role.BODY, "Body", Part.Role.INNER_HALF, "Inner half", Part.Role.OUTER_HALF, "Outer half",
            Part.Role.RIB, "Rib", Part.Role.BLOCK, "Block", Part.Role.SPACER, "Spacer", Part.Role.BOARD, "Board");

    private final Ruler ruler;

    Drawings(Ruler ruler) {
        this.ruler = ruler;
    }

    /** A piece bent to a chain, with its bends marked across it, and so much over at each end [mm]. */
    Drawing piece(String name, Recipe recipe, Chain chain, double overhang, boolean onForm) {
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        Course middle = chain.middle(thickness);
        List<Stroke> strokes = new ArrayList<>(List.of(new Stroke(Layer.PIECE, Form.outline(middle.extended(overhang, overhang), thickness))));
        List<Label> labels = new ArrayList<>();
        if (overhang > 0) {
            strokes.add(new Stroke(Layer.MARKS, across(middle.at(0), thickness)));
            strokes.add(new Stroke(Layer.MARKS, across(middle.at(middle.lengthMm()), thickness)));
        }
        for (OneBend bend : chain.bends(thickness)) {
            strokes.add(new Stroke(Layer.MARKS, across(middle.at(bend.fromMm()), thickness)));
            strokes.add(new Stroke(Layer.MARKS, across(middle.at(bend.toMm()), thickness)));
            double side = bend.turn() == Turn.LEFT ? 1 : -1;
            Place beside = middle.at(bend.tightestAtMm()).leftBy(side * (thickness / 2 + LABEL_OFF_MM)).place();
            labels.add(new Label(beside, "R " + ruler.about(bend.tightestMm()) + ", " + Math.round(bend.angleDegrees()) + "°"));
        }
        List<String> notes = List.of(section(recipe, thickness) + "; " + ruler.about(middle.lengthMm()) + " along the middle" + (overhang > 0 ? ", with " + ruler.about(overhang) + " over at each end beyond the outermost marks." : "."),
                onForm ? "As it lies on the form, before it opens. R is the radius of the form." : "As it is wanted once it has opened. R is the inner radius.");
        return new Drawing(name + (onForm ? ": the piece on the form" : ": the piece"), notes, strokes, labels);
    }

    /** A form, each of its parts where it belongs. */
    Drawing form(String name, Recipe recipe, Form form, double sheetMm) {
        List<Stroke> strokes = new ArrayList<>();
        List<Label> labels = new ArrayList<>();
        for (Part part : form.parts()) {
            strokes.add(new Stroke(Layer.FORM, part.outline()));
            part.marks().forEach(mark -> strokes.add(new Stroke(Layer.MARKS, mark)));
            part.holes().forEach(hole -> strokes.add(new Stroke(Layer.HOLES, hole.trace())));
            labels.add(new Label(Form.inside(part.outline()), ROLE.get(part.role()) + (part.layers() > 1 ? ", " + part.layers() + " alike" : "")));
        }
        List<String> notes = List.of("For " + section(recipe, recipe.method().finishedMm(recipe.blank().thicknessMm())) + "; springback is taken out.",
                "Sheets " + ruler.exact(sheetMm) + " thick. Wax or tape the edge where glue comes.");
        return new Drawing(name + ": the form", notes, strokes, labels);
    }

    private static Trace across(Pose at, double thickness) {
        double half = thickness / 2 + MARK_BEYOND_MM;
        return Trace.through(List.of(at.leftBy(half).place(), at.leftBy(-half).place()), false);
    }

    private String section(Recipe recipe, double thickness) {
        return recipe.blank().species().commonName() + ", " + ruler.exact(thickness) + " × " + ruler.exact(recipe.blank().widthMm());
    }
}
