package brachion.core.forecast;

import brachion.core.method.Change;
import brachion.core.method.Term;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Optional;

/** What may have been behind a flaw, with what is changed next time. Which change helps which cause is common practice. */
public enum Cause {
    /** The grain ran out through the face. */
    RUN_OUT(Term.SLOPING_GRAIN, Change.Kind.STRAIGHTER_GRAIN, Change.Kind.STEEL_STRAP),
    /** The wood was dry where it was stretched or squeezed. */
    DRY(Term.DRY_WOOD, Change.Kind.SOAK, Change.Kind.WETTER_STOCK),
    /** It was not hot through. */
    COLD(Term.TOO_LITTLE_HEAT, Change.Kind.STEAM_LONGER, Change.Kind.HOTTER_CHAMBER, Change.Kind.HOTTER_BAG, Change.Kind.BATH_LONGER,
            Change.Kind.HOTTER_BATH, Change.Kind.PIPE_LONGER, Change.Kind.HOTTER_PIPE),
    /** It stiffened on the way to the clamps. */
    COOLED(Term.CARRY, Change.Kind.QUICKER_CARRY, Change.Kind.BAG_ON),
    /** The curve was at the limit of this section. */
    AT_THE_LIMIT(Term.CURVE, Change.Kind.THINNER, Change.Kind.SHAVED_THINNER, Change.Kind.SHAVED_FURTHER, Change.Kind.DEEPER_CUTS, Change.Kind.CLOSER_CUTS,
            Change.Kind.THINNER_PLIES, Change.Kind.THINNER_CLEAN_PLY, Change.Kind.METAL_SHEETS, Change.Kind.FLATTER_ACROSS, Change.Kind.WIDER_RADIUS, Change.Kind.STEEL_STRAP),
    /** The stops of the strap left slack. */
    SLACK(Term.STRAP_SLACK, Change.Kind.TIGHTEN_STOPS),
    /** A knot, or grain that goes its own way round one. */
    KNOT(Term.KNOTS, Change.Kind.CLEAR_STOCK),
    /** Many plies shifted while the glue stood open. */
    MANY_PLIES(Term.MANY_PLIES),
    /** Brash or shaken wood, that nobody could see. */
    BRASH(null),
    /** A nick of the saw or a sharp edge. */
    NICKED_EDGE(null),
    /** It twisted as it was bent, or was not held flat. */
    TWISTED(null),
    /** A plate shrank across its grain in clamps that let nothing move. */
    CLAMPED_AS_IT_DRIED(null),
    /** The ends were held unevenly. */
    UNEVEN_ENDS(null),
    /** Stops set so hard that they drove the inner face together. */
    HARD_STOPS(null),
    /** Too little glue, or pressed out. */
    LITTLE_GLUE(null),
    /** The glue had begun to set before everything was closed. */
    GLUE_TOO_OLD(null),
    /** Clamps set hard at once, or not level. */
    CLAMPED_UNEVENLY(null),
    /** No release layer between glue and form. */
    NO_RELEASE_LAYER(null),
    /** Cuts too far apart for the curve to look round. */
    WIDE_PITCH(null, Change.Kind.CLOSER_CUTS),
    /** Sawn without a backing piece under the cuts. */
    UNBACKED_CUT(null),
    /** The pipe too hot for how dry the face was. */
    PIPE_TOO_HOT(null);

    private final Optional<Term> term;
    private final List<Change.Kind> changes;

    Cause(Term term, Change.Kind... changes) {
        this.term = Optional.ofNullable(term);
        this.changes = List.of(changes);
    }

    /** The part of the risk that speaks of it, if the forecast has one. */
    Optional<Term> term() {
        return term;
    }

    /** Whether it lies in a stage that was done otherwise than planned. */
    boolean liesIn(StageKind stage) {
        return this == COLD && stage.softens() || this == COOLED && stage == StageKind.CARRY || this == DRY && stage == StageKind.SOAK;
    }

    /** What helps against it, the most usual first. */
    List<Change.Kind> changes() {
        return changes;
    }
}
