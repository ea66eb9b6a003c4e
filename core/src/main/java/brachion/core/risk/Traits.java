package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.ModeRisk;
import brachion.core.method.Recipe;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What the fit needs to know of a piece, a few numbers: whoever has them needs no section of it any more.
 *
 * @param recipe the most ordinary recipe it could be
 * @param weight probabilities of all it could be; one where everything is known
 * @param asked  what it asks in each mode that concerns it
 */
record Traits(Recipe recipe, double[] weight, Map<FailureMode, Asked> asked) {

    /** As many values stand in for all that the load could be, where nobody measured anything. */
    private static final int MOST_POSSIBILITIES = 6;

    /**
     * What a piece asks in one mode; the load is {@link ModeRisk#load}.
     *
     * @param typical load of the most ordinary piece it could be
     * @param load    load of all it could be
     * @param spread  the same, from few values
     * @param unsure  by how much it rises when each unsure constant is one step worse
     */
    record Asked(double typical, double[] load, Spread spread, double[] unsure) {
    }

    static Traits of(List<Possible> possible, Possible typical) {
        Map<FailureMode, Asked> asked = new EnumMap<>(FailureMode.class);
        double[] weight = possible.stream().mapToDouble(Possible::weight).toArray();
        for (ModeRisk risk : typical.recipe().method().family().modes().stream().filter(mode -> mode.concerns(typical.recipe())).toList()) {
            double[] load = possible.stream().mapToDouble(each -> each.load(risk)).toArray();
            asked.put(risk.mode(), new Asked(typical.load(risk), load,
                    Spread.of(load, weight).condensed(MOST_POSSIBILITIES),
                    risk.unsure(typical.recipe(), typical.sensitivity())));
        }
        return new Traits(typical.recipe(), weight, asked);
    }

    /** Load of the most ordinary piece in a mode; of one the mode does not concern, less than anything asked. */
    double typical(ModeRisk risk) {
        return asked.containsKey(risk.mode()) ? asked.get(risk.mode()).typical() : Double.NEGATIVE_INFINITY;
    }

    Asked asked(ModeRisk risk) {
        return asked.get(risk.mode());
    }

    /** The load in a mode, as far as it is known. */
    Spread load(ModeRisk risk) {
        return asked(risk).spread();
    }
}
