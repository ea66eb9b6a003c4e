package brachion.core.risk;

import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Optional;

/**
 * A record the fit does not use, and why. Such records are named to the person, never dropped in silence.
 *
 * @param trialId key of the record
 * @param why     what is wrong with it
 * @param value   the value at fault
 */
public record SetAside(long trialId, Why why, double value) {

    private static final double MM_PER_INCH = 25.4;
    /** A radius off by the size of an inch, give or take this factor, was written in the other unit. */
    private static final double UNIT_SPREAD = 1.8;
    /** No bend opens to more than this many times its radius, or closes to less; chosen by us. */
    private static final double MOST_OPENING = 5;
    private static final double LEAST_OPENING = 0.5;
    /** By the tables fewer than one piece in a hundred holds that is asked this many times what it bears; chosen by us. */
    private static final double MOST_RATIO = 4;

    /** What is wrong with a record. */
    public enum Why {
        /** It broke, yet its radius after release was measured. */
        BROKEN_BUT_MEASURED,
        /** The radius after release looks like inches written as millimetres, or the other way round. */
        RELEASED_IN_OTHER_UNIT,
        /** No bend opens or closes that far. */
        RELEASED_IMPOSSIBLE,
        /** It is said to have held a curve that no wood of this thickness holds. */
        HELD_THE_IMPOSSIBLE,
        /** Sizes or settings lie where nothing can be computed. */
        OUT_OF_BOUNDS
    }

    /** A record with which nothing can be computed, of stock so thick [mm]. */
    public static SetAside cannotBeComputed(long trialId, double thicknessMm) {
        return new SetAside(trialId, Why.OUT_OF_BOUNDS, thicknessMm);
    }

    /** What is wrong with a trial, if anything. */
    static Optional<SetAside> of(Trial trial, Possible typical) {
        Optional<SetAside> onSight = onSight(trial);
        if (onSight.isPresent()) {
            return onSight;
        }
        double ratio = Math.max(typical.demand().tensionRatio(), typical.demand().compressionRatio());
        if (trial.outcome().severity() != Severity.BROKEN && ratio > MOST_RATIO) {
            return because(trial, Why.HELD_THE_IMPOSSIBLE, trial.recipe().bend().innerRadiusMm());
        }
        return Optional.empty();
    }

    /** What is wrong with a trial that shows without computing what the bend asked of the wood. */
    public static Optional<SetAside> onSight(Trial trial) {
        if (trial.releasedRadiusMm().isEmpty()) {
            return Optional.empty();
        }
        double released = trial.releasedRadiusMm().getAsDouble();
        double opening = released / trial.recipe().bend().innerRadiusMm();
        if (trial.outcome().severity() == Severity.BROKEN) {
            return because(trial, Why.BROKEN_BUT_MEASURED, released);
        }
        if (near(opening, MM_PER_INCH) || near(opening, 1 / MM_PER_INCH)) {
            return because(trial, Why.RELEASED_IN_OTHER_UNIT, released);
        }
        return opening > MOST_OPENING || opening < LEAST_OPENING
                ? because(trial, Why.RELEASED_IMPOSSIBLE, released) : Optional.empty();
    }

    private static boolean near(double opening, double factor) {
        return opening < factor * UNIT_SPREAD && opening > factor / UNIT_SPREAD;
    }

    private static Optional<SetAside> because(Trial trial, Why why, double value) {
        return Optional.of(new SetAside(trial.id(), why, value));
    }
}
