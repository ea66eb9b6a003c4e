package brachion.server.day;

import brachion.core.bench.GlueAtHand;
import brachion.core.bench.ItemKind;
import brachion.core.bench.Misfit;
import brachion.core.bench.Step;
import brachion.core.bench.Tap;
import brachion.core.forecast.Outstanding;
import brachion.core.job.Progress;
import brachion.core.method.Recipe;
import brachion.core.method.Workshop;
import brachion.core.process.Shop;
import brachion.core.risk.UnknownInputs;
import brachion.core.schedule.Crew;
import brachion.core.schedule.DryingDays;
import brachion.core.schedule.FinishingTimes.Wanted;
import brachion.core.schedule.HandsTimes;
import brachion.core.schedule.Operation;
import brachion.core.schedule.OperationsOfPiece;
import brachion.core.schedule.PieceOfWork;
import brachion.core.schedule.PieceOfWork.Counted;
import brachion.core.schedule.Requirement;
import brachion.core.schedule.ScheduleProblem;
import brachion.server.bench.Bench;
import brachion.server.bench.PieceOnBench;
import brachion.server.day.AskedFields.JobAskedFields;
import brachion.server.day.AskedFields.MovedFields;
import brachion.server.day.ShopRun.RunJob;
import brachion.server.day.ShopRun.RunPiece;
import brachion.server.forecasting.OddsOfTheShop;
import brachion.server.job.Jobs;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import brachion.server.rig.UsedFields;
import brachion.server.storage.Absent;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Puts together what is to be scheduled: pieces of the jobs and on the bench, the rig, the hours. */
@Component
class RunsOfShop {

    private static final int MOST_PIECES = 400;
    private static final int KEPT = 500;

    private final Jobs jobs;
    private final Bench bench;
    private final RigItems rig;
    private final Workshops workshops;
    private final OddsOfTheShop odds;
    /** How long a recipe dries in an air takes a while to work out, and stays the same. */
    private final Cache<Drying, Optional<DryingDays>> drying = Caffeine.newBuilder().maximumSize(KEPT).build();

    RunsOfShop(Jobs jobs, Bench bench, RigItems rig, Workshops workshops, OddsOfTheShop odds) {
        this.jobs = jobs;
        this.bench = bench;
        this.rig = rig;
        this.workshops = workshops;
        this.odds = odds;
    }

    private record Drying(Recipe plan, Shop air) {
    }

    /**
     * What is to be scheduled from a moment on.
     *
     * @param before the plan people count on
     */
    ShopRun of(AskedFields asked, HoursFields hours, PlanBefore before, Instant from, ZoneId zone) {
        return new Assembly(asked, hours, before, from, zone).run();
    }

    /** How long hands take in this shop, as far as it was measured on the bench. */
    HandsTimes measured() {
        return measured(Optional.empty(), usually(Tap.GLUE_ON, Optional.empty()));
    }

    /** The same by somebody's own hands, as far as theirs were measured; from the glue to the last clamp they take so long [min]. */
    private HandsTimes measured(Optional<String> person, OptionalDouble closing) {
        HandsTimes usual = HandsTimes.USUAL;
        return new HandsTimes(usual.layIn(), minutes(usually(Tap.PULLED, person), usual.bend()), minutes(closing, usual.glue()), usual.takeOff(), usual.warmUp());
    }

    /** From a touch to the last clamp as somebody usually takes, or else as the shop does. */
    private OptionalDouble usually(Tap from, Optional<String> person) {
        OptionalDouble own = bench.usualMinutes(from, Tap.CLAMPED, person);
        return own.isPresent() || person.isEmpty() ? own : bench.usualMinutes(from, Tap.CLAMPED, Optional.empty());
    }

    /** No quicker than is usual: a run is no race, and a carry of seconds is not all the work at the form. */
    private static int minutes(OptionalDouble measured, int usual) {
        return measured.isPresent() ? (int) Math.min(240, Math.max(usual, Math.ceil(measured.getAsDouble()))) : usual;
    }

    /** One run as it is put together. */
    private final class Assembly {

        private final AskedFields asked;
        private final Instant from;
        private final ZoneId zone;
        private final HoursFields hours;
        private final Map<Optional<String>, Crew> crews = new HashMap<>();
        private final Workshop workshop = workshops.now();
        private final Map<Long, RigItemFields> items = rig.all();
        private final List<Long> things = List.copyOf(items.keySet());
        private final List<PieceOnBench> onBench;
        private final PlanBefore before;
        private final Set<ItemKind> lacking = EnumSet.noneOf(ItemKind.class);
        private final List<PieceOfWork> work = new ArrayList<>();
        private final Map<Integer, Integer> movedTo = new HashMap<>();
        private final List<RunPiece> pieces = new ArrayList<>();
        private final List<RunJob> runJobs = new ArrayList<>();

        Assembly(AskedFields asked, HoursFields hours, PlanBefore before, Instant from, ZoneId zone) {
            this.asked = asked;
            this.from = from;
            this.zone = zone;
            this.hours = hours;
            this.onBench = bench.onIt(from);
            this.before = before;
        }

        ShopRun run() {
            Map<Long, JobAskedFields> named = new HashMap<>();
            asked.jobs().forEach(job -> {
                if (named.put(job.id(), job) != null) {
                    throw new RefusedFieldException("jobs", "The same job is named twice.");
                }
            });
            asked.jobs().forEach(this::ofJob);
            runJobs.add(new RunJob(null, "", null, null, 0, true));
            onBench.stream().filter(piece -> piece.jobId() == null || !named.containsKey(piece.jobId())).forEach(piece -> underWay(piece, runJobs.size() - 1, 0));
            if (work.size() > MOST_PIECES) {
                throw new RefusedFieldException("jobs", "Up to " + MOST_PIECES + " pieces are planned together, not " + work.size() + ".");
            }
            List<OptionalInt> due = runJobs.stream().map(job -> job.dueOn() == null ? OptionalInt.empty() : OptionalInt.of(hours.closing(job.dueOn(), from, zone))).toList();
            return new ShopRun(from, new ScheduleProblem(work, due, things.stream().map(thing -> items.get(thing).room()).toList(), hours.people(), hours.from(from, zone, hot())),
                    List.copyOf(pieces), List.copyOf(runJobs), things, Map.copyOf(movedTo), lacking);
        }

        /** What is in the heat is not left there: somebody stays until it is bent [min]. */
        private int hot() {
            return work.stream().filter(piece -> piece.begun() > 0 && piece.operations().get(piece.begun() - 1).step() == Step.HEATING)
                    .mapToInt(piece -> Math.max(0, piece.begunAt() + piece.operations().get(piece.begun() - 1).lasts())
                            + crew(null).hands().bend()).sum();
        }

        private void ofJob(JobAskedFields job) {
            Jobs.One one = jobs.one(job.id());
            Progress progress = one.progress();
            Recipe recipe = one.job().recipe().toRecipe(workshop);
            Recipe plan = UnknownInputs.typical(recipe);
            Outstanding outstanding = odds.outstanding(recipe, progress, one.job().certainty(), one.job().worst());
            int place = runJobs.size();
            List<PieceOnBench> there = onBench.stream().filter(piece -> job.id().equals(piece.jobId())).toList();
            Map<Long, Integer> numbers = before.numbers(job.id(), there.stream().map(PieceOnBench::id).toList());
            there.forEach(piece -> underWay(piece, place, numbers.get(piece.id())));
            Optional<DryingDays> dry = dries(plan, one.job().madeWith());
            List<Operation> all = operations(plan, glue(one.job().madeWith()), one.job().madeWith(), dry);
            int counted = progress.good() + progress.bent() + progress.underWay();
            int toStart = toStart(job, counted, outstanding.toPlan(progress.missing()));
            for (int number : before.freeNumbers(job.id(), numbers.values(), toStart)) {
                add(new RunPiece(job.id(), number, null, one.job().name() + " " + number), new PieceOfWork(key(job.id(), number), place, all, 0, 0, List.of(), 0, List.of()));
            }
            runJobs.add(new RunJob(job.id(), one.job().name(), one.job().dueOn(), new Wanted(Math.max(0, progress.wanted() - progress.good()), outstanding.perPiece(), dry), counted + toStart, outstanding.worthPlanning()));
        }

        /** As many as somebody says, else as many as the plan counts on, else as the odds ask for. */
        private int toStart(JobAskedFields job, int there, int byOdds) {
            if (job.toStart() != null) {
                return job.toStart();
            }
            OptionalInt planned = asked.anew() ? OptionalInt.empty() : before.counted(job.id());
            return planned.isPresent() ? Math.max(0, planned.getAsInt() - there) : byOdds;
        }

        private void underWay(PieceOnBench piece, int place, int number) {
            List<Operation> all = operations(piece.plan(), piece.glue(), piece.madeWith(), dries(piece.plan(), piece.madeWith()));
            int begun = OperationsOfPiece.begun(piece.life(), all);
            if (begun == all.size() && piece.life().step() != Step.DRYING) {
                return;
            }
            int at = begun == 0 ? 0 : OperationsOfPiece.begunAt(piece.life(), piece.due(), all.get(begun - 1), from);
            List<Integer> holds = begun == 0 ? List.of() : all.get(begun - 1).needs().stream().map(need -> need.things().get(0)).toList();
            add(new RunPiece(piece.jobId(), number, piece.id(), piece.name()),
                    new PieceOfWork(number == 0 ? "bench " + piece.id() : key(piece.jobId(), number), place, all, begun, at, holds, 0, List.of()));
        }

        private static String key(long job, int number) {
            return "job " + job + " piece " + number;
        }

        /** A piece stays where people count on it, unless it is moved or all is planned anew. */
        private void add(RunPiece piece, PieceOfWork untouched) {
            if (work.size() > MOST_PIECES) {
                return;
            }
            Optional<MovedFields> moved = asked.moved().stream().filter(each -> each.jobId().equals(piece.jobId()) && each.number() == piece.number()).findFirst();
            List<Counted> counted = asked.anew() || moved.isPresent() ? List.of() : before.of(piece, untouched.operations(), things);
            moved.ifPresent(each -> movedTo.put(work.size(), (int) Math.max(0, Math.min(hoursAhead(), Duration.between(from, each.noSooner()).toMinutes()))));
            int earliest = movedTo.getOrDefault(work.size(), 0);
            pieces.add(piece);
            work.add(untouched.with(earliest, counted));
        }

        private static long hoursAhead() {
            return Duration.ofDays(HoursFields.DAYS_AHEAD).toMinutes();
        }

        private Optional<DryingDays> dries(Recipe plan, List<UsedFields> madeWith) {
            Shop air = named(ItemKind.DRYING_PLACE, madeWith).findFirst().map(used -> items.get(used.itemId()).airIn(plan.shop()))
                    .orElseGet(() -> RigItemFields.dryingAir(items.values(), plan.shop()));
            return drying.get(new Drying(plan, air), asked -> DryingDays.of(asked.plan(), asked.air()));
        }

        private GlueAtHand glue(List<UsedFields> madeWith) {
            return named(ItemKind.GLUE, madeWith).findFirst().map(used -> GlueAtHand.of(items.get(used.itemId()).toItem())).orElse(GlueAtHand.UNKNOWN);
        }

        /** What somebody named of a kind, as far as it is still there. */
        private Stream<UsedFields> named(ItemKind kind, List<UsedFields> madeWith) {
            return madeWith.stream().filter(used -> items.containsKey(used.itemId()) && items.get(used.itemId()).kind() == kind);
        }

        /** The shop's hands at the pace of whoever makes it. */
        private Crew crew(String person) {
            return crews.computeIfAbsent(Optional.ofNullable(Absent.given(person)), who -> {
                OptionalDouble measured = usually(Tap.GLUE_ON, who);
                OptionalDouble closing = hours.glueMinutes() == null ? measured : OptionalDouble.of(hours.glueMinutes());
                return new Crew(hours.people(), hours.longestMinutes(), hours.hands(measured(who, measured)), closing);
            });
        }

        private List<Operation> operations(Recipe plan, GlueAtHand glue, List<UsedFields> madeWith, Optional<DryingDays> dry) {
            List<ItemKind> kinds = ItemKind.neededFor(plan);
            return new OperationsOfPiece(plan, crew(plan.names().person()), glue, dry, steps -> kinds.stream().filter(kind -> steps.stream().anyMatch(kind::takenAt))
                    .flatMap(kind -> needed(kind, plan, madeWith).stream()).toList()).all();
        }

        /** Each thing somebody named; else the first free of those that fit. */
        private List<Requirement> needed(ItemKind kind, Recipe plan, List<UsedFields> madeWith) {
            List<Requirement> named = named(kind, madeWith)
                    .map(used -> new Requirement(List.of(things.indexOf(used.itemId())), Math.min(used.takes(), items.get(used.itemId()).room()))).toList();
            if (!named.isEmpty()) {
                return named;
            }
            Map<Integer, List<Integer>> fitting = IntStream.range(0, things.size()).boxed()
                    .filter(thing -> items.get(things.get(thing)).kind() == kind && Misfit.of(items.get(things.get(thing)).toItem(), plan).isEmpty())
                    .collect(Collectors.groupingBy(thing -> items.get(things.get(thing)).toItem().usuallyTaken(plan)));
            if (fitting.isEmpty()) {
                lacking.add(kind);
            }
            // those of which it takes most have enough of it
            return fitting.entrySet().stream().max(Map.Entry.comparingByKey()).map(most -> new Requirement(most.getValue(), most.getKey())).stream().toList();
        }
    }
}
