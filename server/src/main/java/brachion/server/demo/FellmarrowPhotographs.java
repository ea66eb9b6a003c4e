package brachion.server.demo;

import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.server.photo.PhotoFields;
import brachion.server.photo.Photos;
import brachion.server.trial.TrialFields;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Photographs that were taken in Fellmarrow Workshop: drawn from what the records say. */
final class FellmarrowPhotographs {

    /** The camera stands so near that a piece fills this much of the height [px]. */
    private static final double OF_THE_PIECE_PX = 820;
    private static final int RULE_IN = 6;

    private final List<TrialFields> trials;
    private final List<Long> keys;

    /**
     * @param trials what was written down
     * @param keys   under which keys, in the same order
     */
    FellmarrowPhotographs(List<TrialFields> trials, List<Long> keys) {
        this.trials = trials;
        this.keys = keys;
    }

    /** Puts some with their records, and one with a board whose grain runs out of its edge. */
    void hangUp(Photos photos, long board) {
        last(trial -> trial.outcome().releasedRadiusMm() != null && trial.outcome().severity() == Severity.CLEAN && oneTurn(trial), 2)
                .forEach(i -> add(photos, i, "Off the form. The rule is 6 in long.", false));
        last(trial -> trial.outcome().flaw() == Flaw.OUTER_SPLINTER && trial.outcome().severity() == Severity.FLAW && oneTurn(trial), 1)
                .forEach(i -> add(photos, i, "Fibres lifted in the middle.", true));
        photos.addToBoard(board, new PhotoFields("Edge, planed. The rule is 6 in long.", null), new DrawnPhotograph(17, 7).withBoard(27, 18).withRule(RULE_IN).jpeg());
    }

    private static boolean oneTurn(TrialFields trial) {
        return trial.recipe().angleDegrees() >= 60 && trial.recipe().angleDegrees() <= 180 && trial.recipe().innerRadiusMm() > 100;
    }

    private List<Integer> last(Predicate<TrialFields> which, int most) {
        List<Integer> found = IntStream.range(0, trials.size()).filter(i -> which.test(trials.get(i))).boxed()
                .sorted((a, b) -> trials.get(b).bentOn().compareTo(trials.get(a).bentOn())).toList();
        return found.subList(0, Math.min(most, found.size()));
    }

    private void add(Photos photos, int index, String caption, boolean splinter) {
        TrialFields trial = trials.get(index);
        double planned = trial.recipe().innerRadiusMm();
        double radius = trial.outcome().releasedRadiusMm() == null ? planned : trial.outcome().releasedRadiusMm();
        double thickness = trial.recipe().blank().thicknessMm();
        // a bend that opens turns through less: its length stays (arc length = radius × angle)
        double degrees = trial.recipe().angleDegrees() * (planned + thickness / 2) / (radius + thickness / 2);
        DrawnPhotograph drawn = new DrawnPhotograph(index, OF_THE_PIECE_PX / (radius * (1 - Math.cos(Math.toRadians(degrees / 2))) + 2 * thickness))
                .withBentPiece(radius, degrees, thickness, splinter).withRule(RULE_IN);
        photos.addToTrial(keys.get(index), new PhotoFields(caption, splinter ? null : drawn.pointed(RULE_IN)), drawn.jpeg());
    }
}
