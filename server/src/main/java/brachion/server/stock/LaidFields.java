package brachion.server.stock;

import brachion.core.quantity.PhysicalBound;
import brachion.core.stock.Area;
import brachion.core.stock.LaidBlank;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.OptionalInt;

/**
 * A blank laid on a board.
 *
 * @param name       what it is for
 * @param alongMm    where it begins, from the board's left end [mm]
 * @param acrossMm   where it begins, from the lower edge [mm]
 * @param lengthMm   its length [mm]
 * @param widthMm    its width [mm]
 * @param bentFromMm where its bend begins, from its left end [mm]
 * @param bentToMm   where its bend ends [mm]
 * @param cut        whether it was sawn out already; null when it was not
 * @param jobId      the job it is for, null when it is for none
 * @param ply        number of the first ply that is sawn of it, counted from the outer face; null for solid wood
 */
@Embeddable
public record LaidFields(
        @NotBlank(message = "Give the blank a name.") @Size(max = 120, message = "A name may be up to 120 characters long.") String name,
        @NotNull(message = "Say where it begins along the board.") @Within(PhysicalBound.ON_BOARD_MM) Double alongMm,
        @NotNull(message = "Say where it begins across the board.") @Within(PhysicalBound.ON_BOARD_MM) Double acrossMm,
        @NotNull(message = "Its length is needed.") @Within(PhysicalBound.PIECE_LENGTH_MM) Double lengthMm,
        @NotNull(message = "Its width is needed.") @Within(PhysicalBound.WIDTH_MM) Double widthMm,
        @NotNull(message = "Say where its bend begins.") @Within(PhysicalBound.ON_BOARD_MM) Double bentFromMm,
        @NotNull(message = "Say where its bend ends.") @Within(PhysicalBound.ON_BOARD_MM) Double bentToMm,
        Boolean cut,
        Long jobId,
        @Min(value = 1, message = PLY) @Max(value = 200, message = PLY) Integer ply) {

    private static final String PLY = "A ply is one of 1 to 200.";

    /** Not said is not yet. */
    public LaidFields {
        cut = cut != null && cut;
    }

    /** A blank that is not sawn out yet. */
    public LaidFields(String name, Double alongMm, Double acrossMm, Double lengthMm, Double widthMm, Double bentFromMm, Double bentToMm) {
        this(name, alongMm, acrossMm, lengthMm, widthMm, bentFromMm, bentToMm, false, null, null);
    }

    void requireSense(String field) {
        if (bentFromMm < 0 || bentToMm <= bentFromMm || bentToMm > lengthMm) {
            throw new RefusedFieldException(field, "The bend must lie on the blank.");
        }
    }

    LaidBlank toBlank() {
        return new LaidBlank(new Area(alongMm, acrossMm, lengthMm, widthMm), bentFromMm, bentToMm);
    }

    static LaidFields of(String name, LaidBlank blank, Long jobId, OptionalInt ply) {
        Area area = blank.area();
        return new LaidFields(name, area.alongMm(), area.acrossMm(), area.lengthMm(), area.widthMm(), blank.bentFromMm(), blank.bentToMm(), false, jobId,
                ply.isPresent() ? ply.getAsInt() : null);
    }
}
