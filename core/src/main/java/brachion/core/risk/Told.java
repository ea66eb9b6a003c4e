package brachion.core.risk;

/**
 * What records alone say of a number, in the normal approximation: what was believed before them is taken out of what is believed after
 * them, so that a cautious belief does not make them say less than they do.
 *
 * @param score       the number they speak for, times their information
 * @param information one over the square of its standard error; 0 where they say nothing
 */
public record Told(double score, double information) {

    /** Less of what was known before than this share is rounding. */
    private static final double LEAST = 1e-6;

    /** Whatever was believed, no record says anything. */
    static final Told NOTHING = new Told(0, 0);

    /**
     * What the records add: precisions of normal beliefs add up, and so do precisions times means.
     *
     * @param before believed before them, of a number that is independent of all else that was
     * @param after  believed after them
     */
    static Told between(Margin before, Margin after) {
        double known = 1 / (before.sd() * before.sd());
        double knows = 1 / (after.sd() * after.sd());
        return knows - known < LEAST * known ? NOTHING : new Told(knows * after.mean() - known * before.mean(), knows - known);
    }

    /** The same so many times as weighty. */
    Told times(double weight) {
        return new Told(score * weight, information * weight);
    }

    Told plus(Told other) {
        return new Told(score + other.score, information + other.information);
    }

    /** Whether they speak for more than nothing. */
    public boolean above() {
        return score > 0;
    }
}
