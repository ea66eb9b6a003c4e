package brachion.core.forecast;

import brachion.core.method.MethodKind;
import brachion.core.risk.FailureMode;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.wood.Species;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** What the records of a method asked of the wood, beside what a piece asks of it. */
final class Precedents {

    private static final double NEAR = Math.log(1.35);
    private static final double BEYOND = Math.log(1.1);

    private final RiskModel risk;
    private final List<Held> held;
    private final Map<FailureMode, double[]> asked = new EnumMap<>(FailureMode.class);

    Precedents(RiskModel risk, MethodKind kind) {
        this.risk = risk;
        this.held = risk.records(kind);
        risk.modes(kind).forEach(mode ->
                asked.put(mode, held.stream().mapToDouble(each -> logRatio(mode, each.piece())).toArray()));
    }

    private double logRatio(FailureMode mode, Possible piece) {
        return Math.log(risk.ratio(mode, piece));
    }

    /** How many records asked of both faces what a piece asks, within a factor of 1.35. */
    int near(Possible piece) {
        return near(piece, each -> true);
    }

    /** How many of those are of the same wood. */
    int nearInThisWood(Possible piece) {
        Species species = piece.recipe().blank().species();
        return near(piece, each -> each.piece().recipe().blank().species().equals(species));
    }

    private int near(Possible piece, Predicate<Held> counted) {
        double[] stretched = asked.get(FailureMode.TENSION);
        double[] squeezed = asked.get(FailureMode.COMPRESSION);
        double stretch = logRatio(FailureMode.TENSION, piece);
        double squeeze = logRatio(FailureMode.COMPRESSION, piece);
        int near = 0;
        for (int i = 0; i < held.size(); i++) {
            if (Math.abs(stretched[i] - stretch) < NEAR && Math.abs(squeezed[i] - squeeze) < NEAR && counted.test(held.get(i))) {
                near++;
            }
        }
        return near;
    }

    /** Whether a piece asks more than 1.1 times what any record asked, in the mode that limits it. */
    boolean beyond(FailureMode limiting, Possible piece) {
        double hardest = Arrays.stream(asked.get(limiting)).max().orElse(Double.NEGATIVE_INFINITY);
        return logRatio(limiting, piece) > BEYOND + hardest;
    }
}
