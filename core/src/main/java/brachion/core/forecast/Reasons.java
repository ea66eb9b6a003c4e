package brachion.core.forecast;

import brachion.core.method.Cure;
import brachion.core.method.Demand;
import brachion.core.method.FailureMode;
import brachion.core.method.Term;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Splits the risk of a piece into what curve, carry, dryness, heat and grain each add to b·x, by curing each in turn as
 * far as the method knows a cure, and what covariates and groups add beside it. The sizes sum to η.
 */
final class Reasons {

    private final RiskModel risk;
    private final FailureMode mode;
    private final Possible piece;
    private final double slope;

    private Reasons(RiskModel risk, FailureMode mode, Possible piece) {
        this.risk = risk;
        this.mode = mode;
        this.piece = piece;
        this.slope = risk.slope(piece.recipe().method().family(), mode);
    }

    /** The reasons, the largest first. */
    static List<Reason> of(RiskModel risk, FailureMode mode, Possible piece) {
        Reasons reasons = new Reasons(risk, mode, piece);
        List<Reason> all = new ArrayList<>(mode.ofTheWood() ? reasons.ofTheWood()
                : List.of(new Reason(Term.CURVE, reasons.slope * reasons.load(piece))));
        risk.effects(mode, piece).forEach(effect -> all.add(new Reason(effect.term(), effect.size())));
        all.sort(Comparator.comparingDouble(Reason::size).reversed());
        return all;
    }

    private List<Reason> ofTheWood() {
        List<Reason> reasons = new ArrayList<>();
        Possible straight = piece.with(piece.demand().straightGrained());
        reasons.add(step(Term.SLOPING_GRAIN, piece, straight));
        Demand cured = piece.demand();
        Possible before = straight;
        for (Cure cure : piece.recipe().method().cures(piece.recipe())) {
            cured = cure.on().apply(cured);
            Possible then = piece.with(cured.straightGrained());
            reasons.add(step(cure.term(), before, then));
            before = then;
        }
        reasons.add(new Reason(Term.CURVE, slope * load(before)));
        return reasons;
    }

    private Reason step(Term cause, Possible asIs, Possible cured) {
        return new Reason(cause, slope * (load(asIs) - load(cured)));
    }

    private double load(Possible at) {
        return risk.load(mode, at);
    }
}
