package brachion.core.forecast;

import brachion.core.trial.Trial;
import java.util.List;

/**
 * A record that is like the piece asked about.
 *
 * @param trial the record
 * @param alike what the two have in common
 */
public record NearRecord(Trial trial, List<Likeness> alike) {

    /** What two pieces can have in common. */
    public enum Likeness {
        /** The same wood. */
        SPECIES,
        /** Asked as much of the outer face, within 15 %. */
        STRETCH,
        /** Asked as much of the inner face, within 15 %. */
        SQUEEZE,
        /** Asked as much across the grain, within 15 %. */
        ACROSS,
        /** As thick, within 10 %. */
        THICKNESS,
        /** As wet, within 3 points. */
        MOISTURE,
        /** The same support. */
        SUPPORT,
        /** The same board. */
        BOARD,
        /** The same hands. */
        PERSON
    }
}
