package brachion.core.forecast;

import brachion.core.method.FailureMode;
import java.util.List;

/**
 * What one failure mode contributes.
 *
 * @param mode        the failure mode
 * @param ratio       D, demand over capacity, of the most ordinary piece this could be
 * @param demand      the strain asked of the face, as a positive number
 * @param limit       the strain the face bears
 * @param broken      probability that the piece breaks in this mode
 * @param reasons     what makes up the risk in this mode, largest first
 */
public record ModeForecast(FailureMode mode, double ratio, double demand, double limit, double broken,
                           List<Reason> reasons) {
}
