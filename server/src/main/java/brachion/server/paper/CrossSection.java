package brachion.server.paper;

import brachion.core.bending.Outline;
import brachion.core.bending.Strap;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import brachion.core.method.Sheet.Measure;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import brachion.server.paper.Sketch.Ink;
import java.util.ArrayList;
import java.util.List;

/** A piece cut across, or its saw cuts from the side, at full size where there is room, larger where they are small. */
final class CrossSection {

    private static final double ROOM_MM = 44;
    private static final double TOP_MM = 8;
    private static final double BELOW_MM = 10;
    /** Scales that are easily reckoned with. */
    private static final double[] SCALES = {5, 4, 3, 2, 1, 1 / 2.0, 1 / 3.0, 1 / 4.0, 1 / 5.0, 1 / 10.0, 1 / 20.0};
    private static final int STEPS = 40;
    private static final int CUTS_SHOWN = 3;

    private CrossSection() {
    }

    static Sketch of(Recipe recipe, Ruler ruler, double widthMm) {
        Sheet sheet = recipe.method().sheet(recipe);
        if (sheet.value(Measure.RISE_ACROSS).isPresent()) {
            return ofPlate(recipe, sheet, ruler, widthMm);
        }
        return sheet.value(Measure.CUTS).isPresent() ? ofCuts(recipe, sheet, ruler, widthMm) : across(recipe, sheet, ruler, widthMm);
    }

    private static double scale(double wideMm, double highMm, double roomMm) {
        for (double scale : SCALES) {
            if (wideMm * scale <= roomMm && highMm * scale <= ROOM_MM) {
                return scale;
            }
        }
        return Math.min(roomMm / wideMm, ROOM_MM / highMm);
    }

    private static Sketch across(Recipe recipe, Sheet sheet, Ruler ruler, double widthMm) {
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        double wide = recipe.blank().widthMm();
        double scale = scale(wide, thickness, widthMm / 2);
        double high = thickness * scale;
        double left = (widthMm - wide * scale) / 2;
        double right = left + wide * scale;
        Sketch on = new Sketch(widthMm, TOP_MM + high + BELOW_MM);
        Trace outline = outline(recipe.blank().outline(), wide, thickness);
        on.trace(outline, new Placing(scale, widthMm / 2, TOP_MM + high), Ink.THICK, true);
        long plies = Math.round(sheet.value(Measure.PLIES).orElse(1));
        for (int ply = 1; ply < plies; ply++) {
            on.line(left, TOP_MM + high * ply / plies, right, TOP_MM + high * ply / plies, Ink.LINE);
        }
        recipe.method().strap().ifPresent(strap -> {
            double band = Math.min(strap.widthMm(), wide) * scale;
            on.box((widthMm - band) / 2, TOP_MM - Math.max(0.8, strap.thicknessMm() * scale), band, Math.max(0.8, strap.thicknessMm() * scale), Ink.LINE, false);
            on.word(strapInWords(strap, ruler), widthMm / 2, TOP_MM - Math.max(0.8, strap.thicknessMm() * scale) - 1);
        });
        on.down(right + 6, TOP_MM, TOP_MM + high, plies > 1 ? plies + " × " + ruler.exact(thickness / plies) + " = " + ruler.exact(thickness) : ruler.exact(thickness));
        on.across(left, right, TOP_MM + high + 8, ruler.exact(wide));
        on.caption("Cut across, " + Placing.inWords(scale) + "; outer face up.");
        return on;
    }

    private static String strapInWords(Strap strap, Ruler ruler) {
        return "strap " + ruler.exact(strap.thicknessMm());
    }

    private static Trace outline(Outline outline, double wide, double thickness) {
        List<Place> right = new ArrayList<>();
        List<Place> left = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            // closer together towards the faces, where a round turns fastest
            double height = (1 - Math.cos(Math.PI * i / STEPS)) / 2;
            double half = wide / 2 * outline.share(height);
            right.add(new Place(half, height * thickness));
            left.add(0, new Place(-half, height * thickness));
        }
        right.addAll(left);
        return Trace.through(right, true);
    }

    private static Sketch ofPlate(Recipe recipe, Sheet sheet, Ruler ruler, double widthMm) {
        double thickness = recipe.blank().thicknessMm();
        double wide = recipe.blank().widthMm();
        double rise = sheet.value(Measure.RISE_ACROSS).orElseThrow();
        double scale = scale(wide, rise + thickness, widthMm * 0.6);
        double foot = TOP_MM + (rise + thickness) * scale;
        double left = (widthMm - wide * scale) / 2;
        Sketch on = new Sketch(widthMm, foot + BELOW_MM);
        on.trace(arched(sheet.value(Measure.RADIUS_ACROSS).orElseThrow(), rise, thickness), new Placing(scale, widthMm / 2, foot), Ink.THICK, true);
        on.line(left, foot, left + wide * scale, foot, Ink.LINE);
        on.down(widthMm / 2, foot - rise * scale, foot, ruler.exact(rise));
        on.across(left, left + wide * scale, foot + 8, ruler.exact(wide));
        on.caption("Cut across the grain on its former, " + Placing.inWords(scale) + "; outer face up.");
        return on;
    }

    /** Between the arc of a former and the one a thickness above it. */
    private static Trace arched(double radius, double rise, double thickness) {
        double half = Math.acos((radius - rise) / radius);
        List<Place> under = new ArrayList<>();
        List<Place> over = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double turned = half * (2.0 * i / STEPS - 1);
            under.add(new Place(radius * Math.sin(turned), radius * Math.cos(turned) - radius + rise));
            over.add(0, new Place((radius + thickness) * Math.sin(turned), (radius + thickness) * Math.cos(turned) - radius + rise));
        }
        under.addAll(over);
        return Trace.through(under, true);
    }

    private static Sketch ofCuts(Recipe recipe, Sheet sheet, Ruler ruler, double widthMm) {
        double thickness = recipe.blank().thicknessMm();
        double whole = recipe.method().finishedMm(thickness);
        double kerf = sheet.value(Measure.KERF).orElseThrow();
        double pitch = sheet.value(Measure.PITCH).orElseThrow();
        double webMm = sheet.value(Measure.WEB).orElseThrow();
        double shown = CUTS_SHOWN * pitch + kerf;
        double scale = scale(shown, whole, widthMm * 0.55);
        double high = thickness * scale;
        double foot = TOP_MM + whole * scale;
        double left = widthMm * 0.18;
        double right = left + shown * scale;
        double web = Math.min(webMm, thickness) * scale;
        Sketch on = new Sketch(widthMm, foot + BELOW_MM);
        on.box(left, TOP_MM, shown * scale, whole * scale, Ink.THICK, true);
        // each of several plies but a clean one is sawn alike
        long sawn = Math.round(sheet.value(Measure.PLIES).orElse(2)) - 1;
        for (int ply = 0; ply < sawn; ply++) {
            double top = TOP_MM + ply * high;
            on.line(left, top, right, top, Ink.LINE);
            for (int cut = 0; cut < CUTS_SHOWN; cut++) {
                on.box(left + (cut + 0.5) * pitch * scale, top + web, kerf * scale, high - web, Ink.LINE, false);
            }
        }
        double first = left + 0.5 * pitch * scale;
        on.across(first, first + pitch * scale, TOP_MM - 2, ruler.exact(pitch));
        on.down(right + 5, TOP_MM, TOP_MM + web, "leave " + ruler.exact(webMm));
        on.down(right + 5, TOP_MM + web, TOP_MM + high, "cut " + ruler.exact(Math.max(0, thickness - webMm)));
        sheet.value(Measure.CLEAN_PLY).ifPresent(clean -> {
            on.line(left, foot - clean * scale, right, foot - clean * scale, Ink.LINE);
            on.down(right + 5, foot - clean * scale, foot, "clean " + ruler.exact(clean));
        });
        on.down(left - 5, TOP_MM, foot, "");
        on.word(ruler.exact(whole), left - 7 - Sketch.wide(ruler.exact(whole)) / 2, (TOP_MM + foot) / 2 + Sketch.LETTERS_MM / 2);
        on.across(first, first + kerf * scale, foot + 8, "saw " + ruler.exact(kerf));
        on.caption("Three cuts from the side, " + Placing.inWords(scale) + "; outer face up.");
        return on;
    }
}
