package brachion.server.photo;

import brachion.server.problem.RefusedFieldException;

/**
 * What a photograph is of.
 *
 * @param trial key of a record, or null
 * @param board key of a board in stock, or null
 */
record Subject(Long trial, Long board) {

    /** Refuses neither and both. */
    Subject {
        if ((trial == null) == (board == null)) {
            throw new RefusedFieldException("trial", "A photograph is of a record or of a board: give the key of one.");
        }
    }
}
