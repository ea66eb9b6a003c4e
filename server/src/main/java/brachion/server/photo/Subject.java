package brachion.server.photo;

import brachion.server.problem.RefusedFieldException;
import java.util.stream.Stream;

/**
 * What a photograph is of; one of the three.
 *
 * @param trial key of a record, or null
 * @param board key of a board in stock, or null
 * @param piece key of a piece on the bench, or null
 */
record Subject(Long trial, Long board, Long piece) {

    /** Refuses none and several. */
    Subject {
        if (Stream.of(trial != null, board != null, piece != null).filter(there -> there).count() != 1) {
            throw new RefusedFieldException("trial", "A photograph is of a record, of a board or of a piece on the bench: give the key of one.");
        }
    }
}
