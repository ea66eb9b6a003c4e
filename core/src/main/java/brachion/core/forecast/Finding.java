package brachion.core.forecast;

import brachion.core.method.Family;
import brachion.core.trial.Flaw;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/**
 * What a flaw says by itself: how often each cause is behind it, among pieces of which nothing else is known. The pairs are common
 * practice, the weights round numbers chosen by us; the forecast of the piece moves them.
 */
enum Finding {
    SPLINTER_RUN_OUT(Flaw.OUTER_SPLINTER, Cause.RUN_OUT, 3),
    SPLINTER_DRY(Flaw.OUTER_SPLINTER, Cause.DRY, 2),
    SPLINTER_COOLED(Flaw.OUTER_SPLINTER, Cause.COOLED, 2),
    SPLINTER_LIMIT(Flaw.OUTER_SPLINTER, Cause.AT_THE_LIMIT, 2),
    SPLINTER_SLACK(Flaw.OUTER_SPLINTER, Cause.SLACK, 1),
    SPLINTER_KNOT(Flaw.OUTER_SPLINTER, Cause.KNOT, 1),
    SNAP_BRASH(Flaw.SNAP, Cause.BRASH, 1),
    SNAP_DRY(Flaw.SNAP, Cause.DRY, 3),
    SNAP_COLD(Flaw.SNAP, Cause.COLD, 3),
    SNAP_LIMIT(Flaw.SNAP, Cause.AT_THE_LIMIT, 2),
    SNAP_COOLED(Flaw.SNAP, Cause.COOLED, 1),
    SNAP_KNOT(Flaw.SNAP, Cause.KNOT, 1),
    EDGE_NICKED(Flaw.EDGE_CRACK, Cause.NICKED_EDGE, 3),
    EDGE_TWISTED(Flaw.EDGE_CRACK, Cause.TWISTED, 2),
    EDGE_LIMIT(Flaw.EDGE_CRACK, Cause.AT_THE_LIMIT, 1),
    EDGE_RUN_OUT(Flaw.EDGE_CRACK, Cause.RUN_OUT, 1),
    CREASE_LIMIT(Flaw.INNER_CREASE, Cause.AT_THE_LIMIT, 3),
    CREASE_STOPS(Flaw.INNER_CREASE, Cause.HARD_STOPS, 2),
    CREASE_KNOT(Flaw.INNER_CREASE, Cause.KNOT, 1),
    CREASE_DRY(Flaw.INNER_CREASE, Cause.DRY, 1),
    CREASE_COLD(Flaw.INNER_CREASE, Cause.COLD, 1),
    SPLIT_KNOT(Flaw.GRAIN_SPLIT, Cause.KNOT, 2),
    SPLIT_BRASH(Flaw.GRAIN_SPLIT, Cause.BRASH, 3),
    SPLIT_ENDS(Flaw.GRAIN_SPLIT, Cause.UNEVEN_ENDS, 2),
    SPLIT_RUN_OUT(Flaw.GRAIN_SPLIT, Cause.RUN_OUT, 1),
    SPLIT_LIMIT(Flaw.GRAIN_SPLIT, Cause.AT_THE_LIMIT, 3, Family.PLATES),
    SPLIT_FRAME(Flaw.GRAIN_SPLIT, Cause.CLAMPED_AS_IT_DRIED, 2, Family.PLATES),
    SPLIT_DRY(Flaw.GRAIN_SPLIT, Cause.DRY, 1, Family.PLATES),
    SPLIT_COLD(Flaw.GRAIN_SPLIT, Cause.COLD, 1, Family.PLATES),
    GAP_LIMIT(Flaw.GLUE_LINE_GAP, Cause.AT_THE_LIMIT, 2),
    GAP_CLAMPS(Flaw.GLUE_LINE_GAP, Cause.CLAMPED_UNEVENLY, 3),
    GAP_OLD(Flaw.GLUE_LINE_GAP, Cause.GLUE_TOO_OLD, 2),
    GAP_MANY(Flaw.GLUE_LINE_GAP, Cause.MANY_PLIES, 1),
    STARVED_LITTLE(Flaw.STARVED_GLUE, Cause.LITTLE_GLUE, 3),
    STARVED_CLAMPS(Flaw.STARVED_GLUE, Cause.CLAMPED_UNEVENLY, 2),
    STARVED_OLD(Flaw.STARVED_GLUE, Cause.GLUE_TOO_OLD, 1),
    CREPT_CLAMPS(Flaw.PLIES_CREPT, Cause.CLAMPED_UNEVENLY, 3),
    CREPT_MANY(Flaw.PLIES_CREPT, Cause.MANY_PLIES, 2),
    STUCK(Flaw.STUCK_TO_FORM, Cause.NO_RELEASE_LAYER, 1),
    FACETS_PITCH(Flaw.FACETS, Cause.WIDE_PITCH, 1),
    TEAR_UNBACKED(Flaw.END_TEAR, Cause.UNBACKED_CUT, 1),
    SCORCH_HOT(Flaw.SCORCH, Cause.PIPE_TOO_HOT, 1);

    private final Flaw seen;
    private final Cause cause;
    private final double weight;
    private final Set<Family> families;

    Finding(Flaw seen, Cause cause, double weight) {
        this(seen, cause, weight, Family.values());
    }

    /** What only ways of one family show. */
    Finding(Flaw seen, Cause cause, double weight, Family... families) {
        this.seen = seen;
        this.cause = cause;
        this.weight = weight;
        this.families = Set.of(families);
    }

    /** What may be behind a flaw of a piece that was bent by a way of a family. */
    static List<Finding> of(Flaw flaw, Family family) {
        return Arrays.stream(values()).filter(finding -> finding.seen == flaw && finding.families.contains(family)).toList();
    }

    Cause cause() {
        return cause;
    }

    double weight() {
        return weight;
    }
}
