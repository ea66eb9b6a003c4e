package brachion.server.shape;

import brachion.core.quantity.PhysicalBound;
import brachion.core.quantity.UnitSystem;
import brachion.core.shape.FittedLine;
import brachion.core.shape.Place;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Places on a curve, in order along it.
 *
 * @param places      the places, where they are not written in a text
 * @param picture     a known length in the picture the places are pointed at on; they are in its pixels then, y downwards
 * @param text        a text with two numbers in each line: to the right and up
 * @param units       what the numbers of a text are in
 * @param toleranceMm how far the curve may pass the places [mm]
 * @param along       which line of the piece they lie on
 * @param thicknessMm thickness of the piece [mm]
 */
record PointsFields(@Size(min = 3, max = FittedLine.MOST_POINTS, message = "3 to " + FittedLine.MOST_POINTS + " places make a curve.") List<@NotNull @Valid PlaceFields> places,
                    @Valid KnownFields picture,
                    @Size(max = 100_000, message = "That is too long for a list of places.") String text, UnitSystem units,
                    @NotNull(message = "Say how far the curve may pass the places.") @Within(PhysicalBound.FITTED_MM) Double toleranceMm,
                    @NotNull FittedReading.Along along,
                    @NotNull(message = "Thickness is needed.") @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm) {

    /**
     * A place.
     *
     * @param xMm to the right [mm], or pixels of a picture
     * @param yMm up [mm], or pixels downwards
     */
    record PlaceFields(@NotNull(message = "A place has two coordinates.") @Within(PhysicalBound.ON_BOARD_MM) Double xMm,
                       @NotNull(message = "A place has two coordinates.") @Within(PhysicalBound.ON_BOARD_MM) Double yMm) {
    }

    /**
     * A known length in a picture.
     *
     * @param from     where it begins [px]
     * @param to       where it ends [px]
     * @param lengthMm how long it is [mm]
     */
    record KnownFields(@NotNull @Valid PlaceFields from, @NotNull @Valid PlaceFields to,
                       @NotNull(message = "Say how long the known length is.") @Within(PhysicalBound.BOARD_LENGTH_MM) Double lengthMm) {

        private static final double LEAST_PX = 5;

        private double mmPerPx() {
            double px = Math.hypot(to.xMm() - from.xMm(), to.yMm() - from.yMm());
            if (px < LEAST_PX) {
                throw new RefusedFieldException("picture", "The ends of the known length lie on one another.");
            }
            return lengthMm / px;
        }
    }

    /** The places, however they were given. */
    List<Place> toPlaces() {
        if (places != null && picture != null) {
            double scale = picture.mmPerPx();
            return places.stream().map(place -> new Place(place.xMm() * scale, -place.yMm() * scale)).toList();
        }
        if (places != null) {
            return places.stream().map(place -> new Place(place.xMm(), place.yMm())).toList();
        }
        if (text == null || units == null) {
            throw new RefusedFieldException("places", "The places are needed.");
        }
        double unit = units.bareLength().millimetres();
        List<Place> read = new ArrayList<>();
        String[] lines = text.split("\\R");
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            Optional<Place> place = place(line, unit);
            boolean heading = read.isEmpty() && line.chars().anyMatch(Character::isLetter);
            if (place.isEmpty() && !line.isEmpty() && !heading) {
                throw new RefusedFieldException("text", "Line " + (i + 1) + " should be two numbers, such as “120 35” or “120; 35”, not “"
                        + line.substring(0, Math.min(40, line.length())) + "”.");
            }
            place.ifPresent(read::add);
        }
        return read;
    }

    /** Two numbers apart by a semicolon or a tab, else by blanks, else by a comma; a comma in one is a decimal comma. */
    private static Optional<Place> place(String line, double unit) {
        String[] two = line.matches(".*[;\t].*") ? line.split("\\s*[;\t]\\s*") : line.matches(".*\\s.*") ? line.split("\\s*,?\\s+") : line.split(",");
        if (two.length != 2) {
            return Optional.empty();
        }
        try {
            double x = unit * Double.parseDouble(two[0].replace(',', '.'));
            double y = unit * Double.parseDouble(two[1].replace(',', '.'));
            return PhysicalBound.ON_BOARD_MM.holds(x) && PhysicalBound.ON_BOARD_MM.holds(y) ? Optional.of(new Place(x, y)) : Optional.empty();
        } catch (NumberFormatException none) {
            return Optional.empty();
        }
    }
}
