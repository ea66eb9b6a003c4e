package brachion.server.rig;

import brachion.core.quantity.PhysicalBound;
import brachion.server.recipe.Within;
import brachion.server.storage.Absent;
import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.Size;

/**
 * How a form is built.
 *
 * @param madeOf      what it is made of, null when nobody wrote it down
 * @param clampPlaces for how many clamps it has places, null when nobody counted
 * @param alsoRack    whether pieces may stay on it until they are dry, null when nobody said
 */
@Embeddable
public record FormFields(@Size(max = 120, message = "What it is made of may be up to 120 characters long.") String madeOf,
                         @Within(PhysicalBound.PIECES) Integer clampPlaces, Boolean alsoRack) {

    /** An empty text is none. */
    public FormFields {
        madeOf = Absent.given(madeOf);
    }
}
