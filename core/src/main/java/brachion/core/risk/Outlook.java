package brachion.core.risk;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * One of the ways things may stand for a piece: how large the share of hidden flaws is, and how far each mode is from
 * trouble if it is so large.
 *
 * @param weight  probability that things stand so
 * @param hidden  share of pieces that break whatever they are asked
 * @param margins how far each mode of the method stands from trouble
 */
public record Outlook(double weight, double hidden, List<Margin> margins) {

    /** Chance that a piece does no worse than accepted, however things stand. */
    static double holds(List<Outlook> outlooks) {
        return outlooks.stream().mapToDouble(each -> each.weight() * each.holds()).sum();
    }

    /** Chance that the piece does no worse than accepted. */
    public double holds() {
        return holds(Margin::probability);
    }

    /** The same where somebody knows the chances of margins already. */
    public double holds(ToDoubleFunction<Margin> chance) {
        double holds = 1 - hidden;
        for (Margin margin : margins) {
            holds *= chance.applyAsDouble(margin);
        }
        return holds;
    }
}
