package brachion.server.job;

import brachion.core.job.Progress;
import brachion.core.bench.Step;
import brachion.core.trial.Severity;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What became of a piece of a job.
 *
 * @param name     what it is called; null where a record has no name
 * @param pieceId  key of the piece on the bench, null once it is judged
 * @param trialId  key of the record, null until it is judged
 * @param step     where it is
 * @param severity how it was judged, or the worst that was seen on it so far
 * @param bentOn   the day it was bent, null until it is judged
 */
public record PieceOfJob(@Schema(nullable = true) String name, @Schema(nullable = true) Long pieceId, @Schema(nullable = true) Long trialId, Step step,
                         Severity severity, @Schema(nullable = true) LocalDate bentOn) {

    /** One on the bench. */
    public static PieceOfJob onBench(String name, long piece, Step step, Severity seen) {
        return new PieceOfJob(name, piece, null, step, seen, null);
    }

    /** One that is a record. */
    public static PieceOfJob judged(long trial, Severity severity, LocalDate bentOn) {
        return new PieceOfJob(null, null, trial, Step.JUDGED, severity, bentOn);
    }

    Progress.Piece counted() {
        return new Progress.Piece(step, trialId == null ? Optional.empty() : Optional.of(severity), severity);
    }
}
