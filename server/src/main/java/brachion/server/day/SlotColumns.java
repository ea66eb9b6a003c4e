package brachion.server.day;

import brachion.core.bench.Step;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;

/**
 * A stretch of work in a plan that was taken.
 *
 * @param jobId      the job its piece is of, null for none
 * @param number     which of the pieces of that job
 * @param pieceId    the piece on the bench, null while it is not there
 * @param step       what is done
 * @param people     pairs of hands it takes
 * @param beginsAt   when it begins
 * @param handsOffAt when the hands are free again
 * @param readyAt    when the next may begin
 * @param endsAt     when the next does
 */
@Embeddable
record SlotColumns(Long jobId, int number, Long pieceId, @Enumerated(EnumType.STRING) Step step, int people, Instant beginsAt, Instant handsOffAt, Instant readyAt, Instant endsAt) {
}
