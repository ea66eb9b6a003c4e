package brachion.server.paper;

import brachion.core.method.Bend;
import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Records to be kept on the shelf, in the words of whoever asks for them.
 *
 * @param sheet   what stands above them
 * @param entries the records in order
 * @param card    whether one has a page to itself and is drawn large
 */
record LogbookFields(@NotNull(message = "Say what stands on the sheet.") @Valid SheetFields sheet,
                     @NotNull @Size(max = LogbookFields.MOST, message = "A logbook holds up to 2,000 records.") List<@NotNull @Valid EntryFields> entries, boolean card) {

    static final int MOST = 2000;
    static final int THICKEST_MM = 2000;

    /**
     * One record.
     *
     * @param heading       what begins with it, such as a month; nothing where nothing does
     * @param title         the wood and how it came out
     * @param day           when it was bent
     * @param facts         everything else it says
     * @param thicknessMm   thickness of the piece [mm]
     * @param innerRadiusMm its inner radius [mm]
     * @param angleDegrees  how far round it goes [°]
     */
    record EntryFields(@Size(max = 80) String heading, @NotNull @Size(max = 300) String title, @NotNull @Size(max = 80) String day,
                       @NotNull @Size(max = 60) List<@NotNull @Valid FactFields> facts, @NotNull @Positive @Max(LogbookFields.THICKEST_MM) Double thicknessMm,
                       @NotNull @Within(PhysicalBound.INNER_RADIUS_MM) Double innerRadiusMm, @NotNull @Within(PhysicalBound.ANGLE_DEGREES) Double angleDegrees) {

        Bend bend() {
            return new Bend(innerRadiusMm, angleDegrees);
        }
    }

    /**
     * A fact of it.
     *
     * @param term what it is about
     * @param text what there is to say
     */
    record FactFields(@NotNull @Size(max = 80) String term, @NotNull @Size(max = 4000) String text) {
    }
}
