package brachion.core.forecast;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.wood.Species;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What the records of a method asked of the wood, beside what a piece asks of it. */
final class Precedents {

    private static final double NEAR = Math.log(1.35);
    private static final double BEYOND = Math.log(1.1);

    private final RiskModel risk;
    private final List<Held> held;
    private final FailureMode besideStretch;
    private final Map<FailureMode, double[]> asked = new EnumMap<>(FailureMode.class);

    Precedents(RiskModel risk, Family family) {
        this.risk = risk;
        this.besideStretch = family.besideStretch();
        this.held = risk.records(family);
        risk.modes(family).forEach(mode -> asked.put(mode, risk.asked(family, mode)));
    }

    /** The records, each as the most ordinary piece it could have been. */
    List<Held> records() {
        return held;
    }

    /**
     * How far each record is from a piece, |ln D − ln D of the piece|.
     *
     * @param stretch in the stretch of its outer face
     * @param other   in the other way its wood gives
     */
    record Apart(double[] stretch, double[] other) {
    }

    Apart apart(Possible piece) {
        return new Apart(apart(FailureMode.TENSION, piece), apart(besideStretch, piece));
    }

    private double[] apart(FailureMode mode, Possible piece) {
        double here = risk.logRatio(mode, piece);
        double[] apart = asked.get(mode).clone();
        for (int i = 0; i < apart.length; i++) {
            apart[i] = Math.abs(apart[i] - here);
        }
        return apart;
    }

    /**
     * Records that asked of the wood what a piece asks, within a factor of 1.35.
     *
     * @param all        how many there are
     * @param ofThisWood how many of them are of the same wood
     * @param ofOtherShops how many of them are records of other shops
     */
    record Near(int all, int ofThisWood, int ofOtherShops) {
    }

    Near near(Possible piece) {
        return near(apart(piece), piece.recipe().blank().species());
    }

    /** The same of a piece of a wood from which the records are known to be so far apart. */
    Near near(Apart apart, Species species) {
        int all = 0;
        int ofThisWood = 0;
        int ofOtherShops = 0;
        for (int i = 0; i < held.size(); i++) {
            if (apart.stretch()[i] < NEAR && apart.other()[i] < NEAR) {
                all++;
                ofThisWood += held.get(i).piece().blank().species().sameWood(species) ? 1 : 0;
                ofOtherShops += held.get(i).piece().names().ofAnotherShop() ? 1 : 0;
            }
        }
        return new Near(all, ofThisWood, ofOtherShops);
    }

    /** Whether a piece asks more than 1.1 times what any record asked, in the mode that limits it. */
    boolean beyond(FailureMode limiting, Possible piece) {
        double hardest = Arrays.stream(asked.get(limiting)).max().orElse(Double.NEGATIVE_INFINITY);
        return risk.logRatio(limiting, piece) > BEYOND + hardest;
    }
}
