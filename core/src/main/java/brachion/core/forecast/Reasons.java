package brachion.core.forecast;

import brachion.core.method.Recipe;
import brachion.core.method.SteamBox;
import brachion.core.risk.FailureMode;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.Term;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Splits the risk of a piece into what curve, carry, dryness, heat and grain each add to b·ln D, by curing each in turn,
 * and what covariates and groups add beside it. The sizes sum to η.
 */
final class Reasons {

    /** Moisture at which the published radii suppose the stock to be [%]. */
    private static final double WET_PERCENT = 22;

    private final RiskModel risk;
    private final FailureMode mode;
    private final Possible piece;
    private final double slope;

    private Reasons(RiskModel risk, FailureMode mode, Possible piece) {
        this.risk = risk;
        this.mode = mode;
        this.piece = piece;
        this.slope = risk.slope(piece.recipe().method().kind(), mode);
    }

    /** The reasons, the largest first. */
    static List<Reason> of(RiskModel risk, FailureMode mode, Possible piece) {
        Reasons reasons = new Reasons(risk, mode, piece);
        List<Reason> all = new ArrayList<>(mode == FailureMode.GLUE_LINE
                ? List.of(new Reason(Term.CURVE, reasons.slope * reasons.logRatio(piece))) : reasons.ofTheWood());
        risk.effects(mode, piece).forEach(effect -> all.add(new Reason(effect.term(), effect.size())));
        all.sort(Comparator.comparingDouble(Reason::size).reversed());
        return all;
    }

    private List<Reason> ofTheWood() {
        List<Reason> reasons = new ArrayList<>();
        Possible straight = piece.with(piece.demand().straightGrained());
        reasons.add(step(Term.SLOPING_GRAIN, piece, straight));
        Possible curve = straight;
        Recipe recipe = piece.recipe();
        if (recipe.method() instanceof SteamBox steam) {
            Recipe atOnce = recipe.withMethod(steam.withCarrySeconds(0));
            Possible uncooled = piece.with(atOnce.demand().straightGrained());
            Possible wet = recipe.blank().moisturePercent().orElseThrow() >= WET_PERCENT ? uncooled
                    : piece.with(atOnce.withBlank(recipe.blank().withMoisturePercent(WET_PERCENT)).demand().straightGrained());
            curve = piece.with(piece.demand().straightGrained().thoroughlySoftened());
            reasons.add(step(Term.CARRY, straight, uncooled));
            reasons.add(step(Term.DRY_WOOD, uncooled, wet));
            reasons.add(step(Term.TOO_LITTLE_HEAT, wet, curve));
        }
        reasons.add(new Reason(Term.CURVE, slope * logRatio(curve)));
        return reasons;
    }

    private Reason step(Term cause, Possible asIs, Possible cured) {
        return new Reason(cause, slope * (logRatio(asIs) - logRatio(cured)));
    }

    private double logRatio(Possible at) {
        return risk.logRatio(mode, at);
    }
}
