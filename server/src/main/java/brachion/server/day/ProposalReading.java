package brachion.server.day;

import brachion.core.bench.ItemKind;
import brachion.core.bench.Step;
import brachion.core.forecast.Odds;
import brachion.core.schedule.Conflict;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/**
 * A line of the answer to what is to be planned: how far the search is, and with every schedule that is better than those before, it.
 *
 * @param tried    schedules that were made
 * @param of       how many are made at most
 * @param done     whether this is the last line
 * @param proposal the best so far; null where it is that of a line before
 */
record ProposalReading(@NotNull int tried, @NotNull int of, @NotNull boolean done, Proposal proposal) {

    /**
     * A schedule that can be taken.
     *
     * @param from     when it was made for
     * @param order    give it back to take it
     * @param pieces   pieces in it
     * @param slots    what is done to them when
     * @param jobs     what is to be expected of each job
     * @param conflicts what keeps pieces from going on sooner
     * @param gains    what one more of something would gain; empty until the last line
     * @param endsAt   when the last piece is done
     * @param boundAt  no schedule is done sooner
     * @param changedMinutes by how much what people count on is moved, all together [min]
     * @param lacking  what is needed and the rig has not
     */
    record Proposal(@NotNull Instant from, @NotNull List<Integer> order, @NotNull List<DayPieceView> pieces, @NotNull List<DaySlotView> slots, @NotNull List<JobOutlook> jobs,
                    @NotNull List<ConflictView> conflicts, @NotNull List<GainView> gains,
                    @NotNull Instant endsAt, @NotNull Instant boundAt, @NotNull long changedMinutes, @NotNull List<ItemKind> lacking) {
    }

    /**
     * @param jobId   the job it is of, null for none
     * @param number  which of the pieces of that job
     * @param pieceId the piece on the bench, null while it is not there
     * @param name    what it is called
     */
    record DayPieceView(@Schema(nullable = true) Long jobId, @NotNull int number, @Schema(nullable = true) Long pieceId, @NotNull String name) {
    }

    /**
     * @param piece      of which piece, by its place among them
     * @param step       what is done
     * @param begun      whether it has begun
     * @param beginsAt   when it begins
     * @param handsOffAt when the hands are free again
     * @param readyAt    when the next may begin
     * @param endsAt     when the next does
     * @param tooLongMinutes by how much it has to wait longer than it should [min]; 0 when it does not
     * @param people     pairs of hands it takes
     * @param overrunMinutes by how much they take longer than they may, as glue stays open [min]; 0 when they do not
     * @param items      what it takes up of the rig
     */
    record DaySlotView(@NotNull int piece, @NotNull Step step, @NotNull boolean begun, @NotNull Instant beginsAt, @NotNull Instant handsOffAt, @NotNull Instant readyAt, @NotNull Instant endsAt,
                    @NotNull int tooLongMinutes, @NotNull int people, @NotNull int overrunMinutes, @NotNull List<Long> items) {
    }

    /**
     * @param jobId    the job
     * @param name     what it is called
     * @param dueOn    by when, null when nobody waits for it
     * @param wanted   good pieces that are still to come
     * @param pieces   how many are planned or under way
     * @param perPiece odds that a piece is good
     * @param worthPlanning whether so many come good that its days are worth planning
     * @param plannedAt when the last of its pieces is done
     * @param inTime   chance that enough are done by the day; null when nobody waits for it
     * @param earliest one time in ten enough are done sooner
     * @param middle   as likely sooner as later
     * @param latest   one time in ten it is later
     */
    record JobOutlook(@NotNull long jobId, @NotNull String name, @Schema(nullable = true) LocalDate dueOn, @NotNull int wanted, @NotNull int pieces, @NotNull Odds perPiece, @NotNull boolean worthPlanning, @NotNull Instant plannedAt,
                      @Schema(nullable = true) Double inTime, @NotNull Instant earliest, @NotNull Instant middle, @NotNull Instant latest) {
    }

    /**
     * @param piece  which piece does not go on sooner, by its place among them
     * @param asked  whether somebody asked for it to go on sooner; else what is told is what kept it to the last
     * @param kind   what keeps it
     * @param step   what it would be at
     * @param items  of which things one would do; empty unless they are taken
     * @param holders which pieces have the hands or the things
     */
    record ConflictView(@NotNull int piece, @NotNull boolean asked, @NotNull Conflict.Kind kind, @NotNull Step step, @NotNull List<Long> items, @NotNull List<Integer> holders) {
    }

    /**
     * @param itemId  of which thing one more would do, null for a pair of hands
     * @param more    how much more of it
     * @param minutes by how much sooner all is done, at least [min]
     */
    record GainView(@Schema(nullable = true) Long itemId, @NotNull int more, @NotNull int minutes) {
    }
}
