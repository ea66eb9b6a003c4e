package brachion.server.shape;

import brachion.core.form.Form;
import brachion.core.form.Hole;
import brachion.core.form.Part;
import brachion.core.form.ShelfLayout;
import brachion.core.shape.Trace;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A form as it is shown. Places and paths have y downwards.
 *
 * @param piece  outline of the piece on it, as path data [mm]
 * @param parts  what is cut
 * @param laid   how all layers lie on sheets, by rectangles round them
 * @param sheets how many sheets that takes
 * @param pegs   how many pegs
 * @param clamps how many clamps go along it; 0 where none do
 * @param alsoRack whether air reaches the inner face of a piece that dries on it
 * @param runOutMm how far its edge goes straight on beyond each end of the piece [mm]; 0 where it does not
 * @param cost   price of the sheets; 0 when nobody said what one costs
 * @param hours  hours to make it
 * @param box    left, upper edge, width, height of it all [mm]
 */
record FormReading(@NotNull String piece, @NotNull List<PartView> parts, @NotNull List<ShelfLayout.Laid> laid, @NotNull Integer sheets, @NotNull Integer pegs, @NotNull Integer clamps, @NotNull Boolean alsoRack,
                   @NotNull Double runOutMm, @NotNull Double cost, @NotNull Double hours, @NotNull List<Double> box) {

    /**
     * A part.
     *
     * @param role   what it is for
     * @param path   its outline as path data [mm]
     * @param holes  its holes
     * @param layers how many alike
     * @param marks  where something stands on it, as path data [mm]
     * @param box    left, upper edge, width, height of it [mm]
     */
    record PartView(Part.Role role, String path, List<HoleView> holes, int layers, List<String> marks, List<Double> box) {
    }

    /**
     * A hole.
     *
     * @param use        what it is for
     * @param xMm        its centre to the right [mm]
     * @param yMm        its centre down [mm]
     * @param diameterMm its diameter [mm]
     */
    record HoleView(Hole.Use use, double xMm, double yMm, double diameterMm) {
    }

    static FormReading of(Form form) {
        List<PartView> parts = new ArrayList<>();
        for (Part part : form.parts()) {
            parts.add(new PartView(part.role(), SvgFile.path(part.outline()), part.holes().stream()
                    .map(hole -> new HoleView(hole.use(), hole.centre().xMm(), -hole.centre().yMm(), hole.diameterMm())).toList(), part.layers(),
                    part.marks().stream().map(SvgFile::path).toList(), boxOf(List.of(part.outline()))));
        }
        return new FormReading(SvgFile.path(form.piece()), parts, form.layout().laid(), form.layout().sheets(), form.pegs(), form.clamps(), form.alsoRack(), form.runOutMm(), form.cost(), form.hours(),
                boxOf(Stream.concat(Stream.of(form.piece()), form.parts().stream().map(Part::outline)).toList()));
    }

    private static List<Double> boxOf(List<Trace> traces) {
        double[] box = Trace.boxRound(traces);
        return List.of(box[0], -box[3], box[2] - box[0], box[3] - box[1]);
    }
}
