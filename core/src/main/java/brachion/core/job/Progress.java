package brachion.core.job;

import brachion.core.bench.Step;
import brachion.core.trial.Severity;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How far a job is.
 *
 * @param wanted   good pieces wanted
 * @param good     judged, and good
 * @param spoilt   judged and not good, or seen to be so before anybody judged them
 * @param bent     bent and holding, not judged yet; they are counted on
 * @param underWay still to be bent
 */
public record Progress(int wanted, int good, int spoilt, int bent, int underWay) {

    private static final Set<Step> BENT = Set.of(Step.ON_FORM, Step.DRYING, Step.IN_CLAMPS, Step.FINISHED);

    /**
     * A piece of the job.
     *
     * @param step   where it is
     * @param judged how it was judged, empty until it is
     * @param seen   the worst that was seen on it so far
     */
    public record Piece(Step step, Optional<Severity> judged, Severity seen) {
    }

    /**
     * Counts the pieces of a job.
     *
     * @param worst the worst severity that still counts as good
     */
    public static Progress of(int wanted, Severity worst, List<Piece> pieces) {
        int good = 0;
        int spoilt = 0;
        int bent = 0;
        int underWay = 0;
        for (Piece piece : pieces) {
            boolean passes = piece.judged().orElse(piece.seen()).compareTo(worst) <= 0;
            if (piece.judged().isPresent() && passes) {
                good++;
            } else if (!passes) {
                spoilt++;
            } else if (BENT.contains(piece.step())) {
                bent++;
            } else {
                underWay++;
            }
        }
        return new Progress(wanted, good, spoilt, bent, underWay);
    }

    /** Good pieces that are still to come from what is not bent yet. */
    public int missing() {
        return Math.max(0, wanted - good - bent);
    }
}
