package brachion.server.stock;

import brachion.core.quantity.PhysicalBound;
import brachion.core.stock.Area;
import brachion.core.stock.Mark;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;

/**
 * Something seen on a board.
 *
 * @param kind     what it is
 * @param alongMm  where it begins, from the left end [mm]
 * @param acrossMm where it begins, from the lower edge [mm]
 * @param lengthMm how long it is along the board [mm]
 * @param widthMm  how wide across it [mm]
 * @param grainRun slope of grain there as the run for a rise of one, null when nobody looked
 */
@Embeddable
public record MarkFields(
        @NotNull(message = "Say what it is.") @Enumerated(EnumType.STRING) Mark.Kind kind,
        @NotNull(message = "Say where it begins along the board.") @Within(PhysicalBound.ON_BOARD_MM) Double alongMm,
        @NotNull(message = "Say where it begins across the board.") @Within(PhysicalBound.ON_BOARD_MM) Double acrossMm,
        @NotNull(message = "Its length is needed.") @Within(PhysicalBound.MARKED_MM) Double lengthMm,
        @NotNull(message = "Its width is needed.") @Within(PhysicalBound.MARKED_MM) Double widthMm,
        @Within(PhysicalBound.GRAIN_RUN) Double grainRun) {

    Mark toMark() {
        return new Mark(kind, new Area(alongMm, acrossMm, lengthMm, widthMm), Absent.known(grainRun));
    }
}
