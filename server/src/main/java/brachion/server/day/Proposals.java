package brachion.server.day;

import brachion.core.schedule.Bottlenecks;
import brachion.core.schedule.Bottlenecks.Gain;
import brachion.core.schedule.Conflict;
import brachion.core.schedule.Conflicts;
import brachion.core.schedule.FinishingTimes;
import brachion.core.schedule.LowerBound;
import brachion.core.schedule.Operation;
import brachion.core.schedule.PieceOfWork;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.Schedule.Slot;
import brachion.server.day.ProposalReading.ConflictView;
import brachion.server.day.ProposalReading.GainView;
import brachion.server.day.ProposalReading.JobOutlook;
import brachion.server.day.ProposalReading.DayPieceView;
import brachion.server.day.ProposalReading.Proposal;
import brachion.server.day.ProposalReading.DaySlotView;
import brachion.server.day.ShopRun.RunJob;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** A schedule of a run as it is shown. */
final class Proposals {

    private static final int TRIALS = 1000;
    private static final long SEED = 12;

    private final ShopRun run;
    private final LowerBound bound;

    Proposals(ShopRun run) {
        this.run = run;
        this.bound = LowerBound.of(run.problem());
    }

    /** No schedule is done sooner [min]. */
    int endsAtLeast() {
        return bound.endsMinute();
    }

    Proposal of(Schedule schedule, boolean last) {
        return new Proposal(run.from(), schedule.order(), run.pieces().stream().map(piece -> new DayPieceView(piece.jobId(), piece.number(), piece.pieceId(), piece.name())).toList(),
                schedule.slots().stream().map(this::slot).toList(), outlooks(schedule), conflicts(schedule), last ? gains(schedule) : List.of(), run.at(schedule.worth().endsMinute()),
                run.at(Math.min(bound.endsMinute(), schedule.worth().endsMinute())), schedule.worth().changedMinutes(), List.copyOf(run.lacking()));
    }

    private DaySlotView slot(Slot slot) {
        PieceOfWork piece = run.problem().pieces().get(slot.piece());
        Operation operation = piece.operations().get(slot.operation());
        long most = (long) slot.ready() + operation.slackMinutes();
        return new DaySlotView(slot.piece(), operation.step(), slot.operation() < piece.begun(), run.at(slot.begins()), run.at(slot.handsOff()), run.at(slot.ready()), run.at(slot.ends()),
                operation.slackMinutes() == Operation.ANY_TIME ? 0 : (int) Math.max(0, slot.ends() - Math.max(most, 0)), operation.people(), operation.overrunMinutes(), slot.things().stream().map(run.things()::get).toList());
    }

    private List<JobOutlook> outlooks(Schedule schedule) {
        int[] done = schedule.doneAt(run.pieces().size());
        List<JobOutlook> all = new ArrayList<>();
        for (int job = 0; job < run.jobs().size(); job++) {
            RunJob named = run.jobs().get(job);
            if (named.asked() == null) {
                continue;
            }
            int of = job;
            int[] mine = IntStream.range(0, done.length).filter(piece -> run.problem().pieces().get(piece).job() == of).map(piece -> done[piece]).toArray();
            int[] ends = FinishingTimes.of(run.problem(), schedule, job, named.asked(), TRIALS, SEED);
            OptionalInt due = run.problem().due().get(job);
            Double inTime = due.isEmpty() ? null : Arrays.stream(ends).filter(end -> end <= due.getAsInt()).count() / (double) TRIALS;
            all.add(new JobOutlook(named.id(), named.name(), named.dueOn(), named.asked().wanted(), mine.length, named.asked().odds(), named.worthPlanning(), run.at(Arrays.stream(mine).max().orElse(0)), inTime,
                    run.at(ends[TRIALS / 10]), run.at(ends[TRIALS / 2]), run.at(ends[TRIALS - TRIALS / 10])));
        }
        return all;
    }

    /** What keeps each piece from going on when somebody asked for it; of the others, what kept it to the last unless it stays where people count on it. */
    private List<ConflictView> conflicts(Schedule schedule) {
        Conflicts conflicts = new Conflicts(run.problem(), schedule);
        List<ConflictView> all = new ArrayList<>();
        for (int piece = 0; piece < run.pieces().size(); piece++) {
            int goesOn = conflicts.goesOn(piece).orElse(0);
            boolean asked = run.moved().containsKey(piece);
            int at = asked ? Math.max(run.moved().get(piece), conflicts.ready(piece)) : goesOn - 1;
            if (at >= conflicts.ready(piece) && at < goesOn && run.problem().pieces().get(piece).before().isEmpty()) {
                int of = piece;
                conflicts.at(piece, at).map(conflict -> conflict(of, asked, conflict)).ifPresent(all::add);
            }
        }
        return all;
    }

    private ConflictView conflict(int piece, boolean asked, Conflict conflict) {
        return new ConflictView(piece, asked, conflict.kind(), run.problem().pieces().get(piece).operations().get(conflict.operation()).step(),
                conflict.things().stream().map(run.things()::get).toList(), conflict.pieces());
    }

    private List<GainView> gains(Schedule schedule) {
        return Bottlenecks.of(run.problem(), schedule).stream().map(this::gain).toList();
    }

    private GainView gain(Gain gain) {
        return new GainView(gain.thing().isPresent() ? run.things().get(gain.thing().getAsInt()) : null, gain.more(), gain.minutes());
    }
}
