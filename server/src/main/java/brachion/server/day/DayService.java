package brachion.server.day;

import brachion.core.schedule.CannotBeScheduledException;
import brachion.core.schedule.Decoder;
import brachion.core.schedule.Operation;
import brachion.core.schedule.Schedule;
import brachion.core.schedule.Schedule.Slot;
import brachion.server.bench.Bench;
import brachion.server.day.DayReading.DayPlanView;
import brachion.server.day.ProposalReading.DayPieceView;
import brachion.server.day.ProposalReading.DaySlotView;
import brachion.server.day.ShopRun.RunPiece;
import brachion.server.job.Jobs;
import brachion.server.problem.EditConflictException;
import brachion.server.problem.RefusedFieldException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the hours of work and the plan of the day. */
@Service
@Transactional
class DayService {

    private static final int NEVER_SAVED = -1;
    /** A proposal that is older is for a bench that has gone on. */
    private static final Duration FRESH = Duration.ofMinutes(15);
    private static final String GONE_ON = "The bench has gone on since this was worked out. Plan it once more.";

    private final DayHoursRepository hours;
    private final DayPlanRepository plans;
    private final RunsOfShop runs;
    private final Bench bench;
    private final Jobs jobs;
    private final Clock clock;

    DayService(DayHoursRepository hours, DayPlanRepository plans, RunsOfShop runs, Bench bench, Jobs jobs, Clock clock) {
        this.hours = hours;
        this.plans = plans;
        this.runs = runs;
        this.bench = bench;
        this.jobs = jobs;
        this.clock = clock;
    }

    private static ZoneId zone() {
        return ZoneId.systemDefault();
    }

    @Transactional(readOnly = true)
    public DayReading now() {
        Optional<DayHoursEntity> stored = hours.findFirstByOrderById();
        HoursFields kept = hoursOf(stored);
        return new DayReading(clock.instant(), zone().getId(), stored.map(DayHoursEntity::version).orElse(NEVER_SAVED), kept, kept.hands(runs.measured()),
                plans.findFirstByOrderById().map(this::view).orElse(null));
    }

    private static HoursFields hoursOf(Optional<DayHoursEntity> stored) {
        return stored.map(DayHoursEntity::hours).orElse(HoursFields.USUAL);
    }

    public DayReading keepHours(int version, HoursFields to) {
        if (!to.opens().isBefore(to.closes())) {
            throw new RefusedFieldException("closes", "Work ends after it begins, on the same day.");
        }
        Optional<DayHoursEntity> kept = hours.findFirstByOrderById();
        if (kept.map(DayHoursEntity::version).orElse(NEVER_SAVED) != version) {
            throw new EditConflictException("The hours were changed elsewhere since you opened them. Look at them again and repeat your change.");
        }
        DayHoursEntity entity = kept.orElseGet(() -> new DayHoursEntity(to));
        entity.change(to);
        hours.saveAndFlush(entity);
        return now();
    }

    /** What is to be scheduled from this minute on. */
    @Transactional(readOnly = true)
    public ShopRun run(AskedFields asked) {
        return run(asked, clock.instant().truncatedTo(ChronoUnit.MINUTES));
    }

    private ShopRun run(AskedFields asked, Instant from) {
        return runs.of(asked, hoursOf(hours.findFirstByOrderById()), new PlanBefore(plans.findFirstByOrderById(), from), from, zone());
    }

    /** Puts a proposal in force in place of what was, as far as it is still what comes of what is asked. */
    public DayReading take(TakenFields taken) {
        Duration age = Duration.between(taken.from(), clock.instant());
        if (age.compareTo(FRESH) > 0 || age.isNegative() || !taken.from().equals(taken.from().truncatedTo(ChronoUnit.MINUTES))) {
            throw new EditConflictException(GONE_ON);
        }
        ShopRun run = run(taken.asked(), taken.from());
        Schedule schedule = schedule(run, taken.order());
        if (!schedule.slots().stream().map(slot -> run.at(slot.begins())).toList().equals(taken.begins())) {
            throw new EditConflictException(GONE_ON);
        }
        DayPlanEntity plan = plans.findFirstByOrderById().orElseGet(DayPlanEntity::new);
        plan.write(taken.from(), slots(run, schedule), items(run, schedule), run.jobs().stream().filter(job -> job.id() != null).map(job -> new CountedColumns(job.id(), job.counted())).toList());
        plans.saveAndFlush(plan);
        return now();
    }

    private static Schedule schedule(ShopRun run, List<Integer> order) {
        Decoder decoder = new Decoder(run.problem());
        if (!counted(decoder.firstOrder()).equals(counted(order))) {
            throw new EditConflictException(GONE_ON);
        }
        try {
            return decoder.schedule(order);
        } catch (CannotBeScheduledException never) {
            throw Unscheduled.of(run, never);
        }
    }

    private static Map<Integer, Long> counted(List<Integer> order) {
        return order.stream().collect(Collectors.groupingBy(piece -> piece, Collectors.counting()));
    }

    private static List<SlotColumns> slots(ShopRun run, Schedule schedule) {
        return schedule.slots().stream().map(slot -> {
            RunPiece piece = run.pieces().get(slot.piece());
            return new SlotColumns(piece.jobId(), piece.number(), piece.pieceId(), operation(run, slot).step(), operation(run, slot).people(), run.at(slot.begins()), run.at(slot.handsOff()), run.at(slot.ready()), run.at(slot.ends()));
        }).toList();
    }

    private static Operation operation(ShopRun run, Slot slot) {
        return run.problem().pieces().get(slot.piece()).operations().get(slot.operation());
    }

    private static List<SlotItemColumns> items(ShopRun run, Schedule schedule) {
        return IntStream.range(0, schedule.slots().size()).boxed()
                .flatMap(place -> schedule.slots().get(place).things().stream().map(thing -> new SlotItemColumns(place, run.things().get(thing)))).toList();
    }

    /** Nothing is planned any more. */
    public DayReading drop() {
        plans.findFirstByOrderById().ifPresent(plans::delete);
        plans.flush();
        return now();
    }

    private DayPlanView view(DayPlanEntity plan) {
        Map<Long, String> onBench = bench.names(plan.slots().stream().map(SlotColumns::pieceId).filter(Objects::nonNull).distinct().toList());
        List<RunPiece> pieces = new ArrayList<>();
        List<DaySlotView> slots = new ArrayList<>();
        List<SlotColumns> stored = plan.slots();
        Map<Integer, List<Long>> items = plan.items().stream().collect(Collectors.groupingBy(SlotItemColumns::slot, Collectors.mapping(SlotItemColumns::itemId, Collectors.toList())));
        for (int i = 0; i < stored.size(); i++) {
            SlotColumns slot = stored.get(i);
            RunPiece piece = new RunPiece(slot.jobId(), slot.number(), slot.pieceId(), "");
            if (!pieces.contains(piece)) {
                pieces.add(piece);
            }
            slots.add(new DaySlotView(pieces.indexOf(piece), slot.step(), !slot.beginsAt().isAfter(plan.madeAt()), slot.beginsAt(), slot.handsOffAt(), slot.readyAt(), slot.endsAt(), 0, slot.people(), 0, items.getOrDefault(i, List.of())));
        }
        Map<Long, String> names = jobs.names(pieces.stream().map(RunPiece::jobId).filter(Objects::nonNull).distinct().toList());
        return new DayPlanView(plan.version(), plan.madeAt(), pieces.stream().map(piece -> new DayPieceView(piece.jobId(), piece.number(), piece.pieceId(),
                Stream.of(Optional.ofNullable(onBench.get(piece.pieceId())), Optional.ofNullable(piece.jobId()).map(job -> names.get(job) + " " + piece.number()))
                        .flatMap(Optional::stream).findFirst().orElse(""))).toList(), slots);
    }
}
