package brachion.core.method;

import brachion.core.method.AtHand.Support;
import java.util.List;
import java.util.Set;

/**
 * What a shop can vary between test strips.
 *
 * @param thicknessesMm thicknesses strips can be planed to [mm]
 * @param radiiMm       inner radii there are forms for [mm]
 * @param soak          whether there is a trough to soak in
 * @param supports      what there is to hold the outer face; what the bend itself is held by is always among it
 */
public record TestMeans(List<Double> thicknessesMm, List<Double> radiiMm, boolean soak, Set<Support> supports) {

    /** Refuses means of which no strip can be made. */
    public TestMeans {
        if (thicknessesMm.isEmpty() || radiiMm.isEmpty()) {
            throw new IllegalArgumentException("Test strips need a thickness and a form at least.");
        }
    }
}
