package brachion.server.rig;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * What else the label of a glue says, and which tin it is.
 *
 * @param closedMinutes    time from joining to full pressure [min], null when nobody wrote it down
 * @param pressureMpa      pressure it wants [MPa]
 * @param spreadGramsPerM2 how much is spread on a glue line [g/m²]
 * @param wantsDamp        whether it sets by moisture and wants the wood damp
 * @param batch            batch, as it is printed
 * @param openedOn         the day the tin was opened
 */
@Embeddable
public record LabelFields(@Within(PhysicalBound.OPEN_MINUTES) Double closedMinutes, @Within(PhysicalBound.GLUE_PRESSURE_MPA) Double pressureMpa,
                          @Within(PhysicalBound.SPREAD_G_M2) Double spreadGramsPerM2, Boolean wantsDamp,
                          @Size(max = 40, message = "A batch may be up to 40 characters long.") String batch, LocalDate openedOn) {

    /** An empty text is none. */
    public LabelFields {
        batch = Absent.given(batch);
    }
}
