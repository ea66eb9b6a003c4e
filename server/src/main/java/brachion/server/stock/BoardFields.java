package brachion.server.stock;

import brachion.core.method.GrowthRings;
import brachion.core.method.Seasoning;
import brachion.core.quantity.PhysicalBound;
import brachion.core.stock.Board;
import brachion.core.stock.Layout;
import brachion.core.stock.MoistureHistory;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A board in stock, with everything that is known of it.
 *
 * @param name        what it is called, in the trials too
 * @param speciesId   key of its species
 * @param seasoning   how it was dried
 * @param growthRings how the rings lie in a piece cut from it
 * @param grainRun    slope of grain as the run for a rise of one, null when nobody looked
 * @param lengthMm    length [mm]
 * @param widthMm     width [mm]
 * @param thicknessMm thickness [mm]
 * @param kerfMm      width of the cut of the saw that parts it [mm]
 * @param source      where it came from, null when nobody wrote it down
 * @param place       where in the shop it lies, null when nobody wrote it down
 * @param price       what it cost, as it was written down; null when it was not
 * @param note        anything else; may be empty
 * @param marks       what is seen on it
 * @param readings    how wet it was
 * @param blanks      the blanks laid on it
 */
public record BoardFields(
        @NotBlank(message = "Give the board a name.") @Size(max = 80, message = "A name may be up to 80 characters long.") String name,
        @NotNull(message = "Choose a species.") String speciesId,
        @NotNull(message = "Say how it was dried.") Seasoning seasoning,
        @NotNull(message = "Say how the rings lie, or that you do not know.") GrowthRings growthRings,
        @Within(PhysicalBound.GRAIN_RUN) Double grainRun,
        @NotNull(message = "Length is needed.") @Within(PhysicalBound.BOARD_LENGTH_MM) Double lengthMm,
        @NotNull(message = "Width is needed.") @Within(PhysicalBound.WIDTH_MM) Double widthMm,
        @NotNull(message = "Thickness is needed.") @Within(PhysicalBound.THICKNESS_MM) Double thicknessMm,
        @NotNull(message = "The width of the saw's cut is needed.") @Within(PhysicalBound.SAW_KERF_MM) Double kerfMm,
        @Size(max = 80, message = "A name may be up to 80 characters long.") String source,
        @Size(max = 80, message = "A place may be up to 80 characters long.") String place,
        @Size(max = 40, message = "A price may be up to 40 characters long.") String price,
        @NotNull @Size(max = 2000, message = "A note may be up to 2,000 characters long.") String note,
        @NotNull @Size(max = MOST, message = "A board may bear up to " + MOST + " marks.") List<@NotNull @Valid MarkFields> marks,
        @NotNull @Size(max = MOST, message = "A board may have up to " + MOST + " readings.") List<@NotNull @Valid MoistureFields> readings,
        @NotNull @Size(max = MOST, message = "Up to " + MOST + " blanks may lie on a board.") List<@NotNull @Valid LaidFields> blanks) {

    private static final int MOST = 200;

    /** A name is the same with blanks around it, and none is nobody. */
    public BoardFields {
        name = name == null ? null : name.strip();
        source = Absent.given(source);
        place = Absent.given(place);
        price = Absent.given(price);
    }

    /** Refuses what contradicts itself, naming the field. */
    void requireSense(SpeciesCatalogue woods) {
        woods.find(speciesId).orElseThrow(() -> RefusedFieldException.unknownSpecies("speciesId", speciesId));
        Board board = toBoard();
        for (int i = 0; i < marks.size(); i++) {
            if (!board.face().overlaps(board.marks().get(i).area())) {
                throw new RefusedFieldException("marks[" + i + "]", "That lies beside the board.");
            }
        }
        for (int i = 0; i < readings.size(); i++) {
            readings.get(i).requireSense("readings[" + i + "]");
        }
        for (int i = 0; i < blanks.size(); i++) {
            blanks.get(i).requireSense("blanks[" + i + "]");
        }
    }

    Board toBoard() {
        return new Board(lengthMm, widthMm, thicknessMm, Absent.known(grainRun),
                marks.stream().map(MarkFields::toMark).toList());
    }

    Layout toLayout() {
        return new Layout(toBoard(), kerfMm, blanks.stream().map(LaidFields::toBlank).toList());
    }

    MoistureHistory moisture() {
        return new MoistureHistory(readings.stream().map(MoistureFields::toReading).toList());
    }
}
