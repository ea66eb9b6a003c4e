package brachion.core.forecast;

import brachion.core.bending.StrapLoad;
import brachion.core.method.FailureMode;
import brachion.core.shape.Chain;
import brachion.core.shape.OneBend;
import java.util.List;
import java.util.Optional;

/**
 * The answer to "will a piece bend to this chain of straights and arcs?".
 *
 * <p>What breaks one bend of a piece is partly what would break the others, because they are of one stick in one heat. If it were so
 * altogether, the piece would hold as often as its worst bend; if not at all, as often as the product of all. The odds of the whole
 * are the geometric mean of both, in each way things may stand, which is a choice of ours; both ends are told.
 *
 * @param whole      odds that no bend breaks; empty-handed chains of straights hold
 * @param asWorst    chance if the bends of one piece broke together or not at all
 * @param eachForItself chance if they broke independently of each other
 * @param bends      what is asked at each bend, in the order of the chain
 * @param formed     the chain on the form: each arc so tight that it opens to what is wanted
 * @param strap      what its strap bears, of the most ordinary piece, at the bend that asks most of it; none without a strap that works
 * @param nearBreaking for each part of the chain its demand over capacity, of the most ordinary piece; 0 for a straight
 */
public record ChainForecast(Odds whole, double asWorst, double eachForItself, List<BendOfChain> bends, Chain formed, Optional<StrapLoad> strap, List<Double> nearBreaking) {

    /**
     * One bend of it.
     *
     * @param bend     where it is and how tight
     * @param bareFace whether the strap lies on the other face, so that its outer face has none
     * @param odds     odds that it does not break, asked by itself
     * @param limiting the failure mode that limits it
     * @param ratio    demand over capacity in that mode, of the most ordinary piece
     * @param partMm   thickness of what decides: of the piece, or of the ply, web or thinned place that does [mm]
     * @param formRadiusMm the form its tightest place opens from [mm]
     */
    public record BendOfChain(OneBend bend, boolean bareFace, Odds odds, FailureMode limiting, double ratio, double partMm, double formRadiusMm) {
    }
}
