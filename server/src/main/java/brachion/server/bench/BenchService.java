package brachion.server.bench;

import brachion.core.bench.ItemKind;
import brachion.core.bench.OutOfTurnException;
import brachion.core.bench.PieceLife;
import brachion.core.bench.Step;
import brachion.core.bench.Tap;
import brachion.core.method.Recipe;
import brachion.core.method.Workshop;
import brachion.core.process.Shop;
import brachion.core.risk.UnknownInputs;
import brachion.server.instrument.ChamberRecord;
import brachion.server.job.Jobs;
import brachion.server.problem.NotHereException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.problem.RefusedRequestException;
import brachion.server.rack.DryingFields;
import brachion.server.rack.Rack;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Workshops;
import brachion.server.rig.RigItemFields;
import brachion.server.rig.RigItems;
import brachion.server.rig.UsedFields;
import brachion.server.stock.Stock;
import brachion.server.storage.CurrentShop;
import brachion.server.trial.DoneFields;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the bench. */
@Service
@Transactional
class BenchService implements Bench {

    /** What is usual shows in so many pieces. */
    private static final int FEWEST_TO_TELL = 3;
    /** Hands grow quicker: what is usual shows in the latest pieces. */
    private static final int LATEST = 200;

    /** The most pressing first: what is out of the heat, then what is due, then what counts on, then what is only planned. */
    private static final Comparator<BenchView> PRESSING = Comparator
            .comparing((BenchView piece) -> piece.step() != Step.BENDING)
            .thenComparing(piece -> !piece.step().begun())
            .thenComparing(piece -> piece.standing().due(), Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(BenchView::id);

    private final BenchRepository repository;
    private final FollowedPieces followed;
    private final Workshops workshops;
    private final Trials trials;
    private final Jobs jobs;
    private final Rack rack;
    private final Stock stock;
    private final RigItems rig;
    private final ChamberRecord chamber;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    BenchService(BenchRepository repository, FollowedPieces followed, Workshops workshops, Trials trials, Jobs jobs, Rack rack, Stock stock, RigItems rig,
                 ChamberRecord chamber, ApplicationEventPublisher events, Clock clock) {
        this.repository = repository;
        this.followed = followed;
        this.workshops = workshops;
        this.trials = trials;
        this.jobs = jobs;
        this.rack = rack;
        this.stock = stock;
        this.rig = rig;
        this.chamber = chamber;
        this.events = events;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean untouched() {
        return repository.count() == 0;
    }

    @Override
    @Transactional(readOnly = true)
    public boolean has(long id) {
        return repository.findById(id).filter(BenchPieceEntity::present).filter(piece -> !piece.judged()).isPresent();
    }

    @Override
    public void lay(PlanFields plan, List<TapFields> said) {
        rig.requireThere("madeWith", plan.madeWith());
        BenchPieceEntity piece = new BenchPieceEntity(plan);
        piece.said(PieceLife.of(typical(piece, workshops.now()), said.stream().map(TapFields::tapped).toList()));
        repository.saveAndFlush(piece);
    }

    @Override
    @Transactional(readOnly = true)
    public List<PieceOnBench> onIt(Instant now) {
        return underWay(now).stream().map(PieceOnBench::of).toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, String> names(Collection<Long> pieces) {
        return repository.findAllById(pieces).stream().collect(Collectors.toMap(BenchPieceEntity::id, BenchPieceEntity::name));
    }

    @Override
    @Transactional(readOnly = true)
    public OptionalDouble usualMinutes(Tap from, Tap to, Optional<String> person) {
        double[] minutes = repository.between(from, to, person.orElse(null), Limit.of(LATEST)).stream().mapToDouble(took -> Duration.between(took.begun(), took.done()).toSeconds() / 60.0).sorted().toArray();
        return minutes.length < FEWEST_TO_TELL ? OptionalDouble.empty() : OptionalDouble.of(minutes[minutes.length / 2]);
    }

    @Transactional(readOnly = true)
    public List<BenchView> pieces(Instant now) {
        return underWay(now).stream().map(BenchView::of).sorted(PRESSING).toList();
    }

    /** Everything that is neither judged nor taken off, in the order it was laid there. */
    @Transactional(readOnly = true)
    public List<PieceUnderWay> underWay(Instant now) {
        Workshop workshop = workshops.now();
        ChamberRecord once = new ChamberOfALook(chamber, now);
        List<BenchPieceEntity> stored = repository.findByDeletedAtIsNullAndTrialIdIsNullOrderById();
        Map<Long, RigItemFields> things = rig.of(stored.stream().flatMap(piece -> piece.madeWith().stream()).map(UsedFields::itemId).distinct().toList());
        return stored.stream().map(piece -> underWay(piece, workshop, things, once, now)).toList();
    }

    @Transactional(readOnly = true)
    public long revision() {
        return repository.revision();
    }

    public BenchView plan(PlanFields plan) {
        Workshop workshop = workshops.now();
        plan.recipe().toRecipe(workshop);
        jobs.requireThere("jobId", plan.jobId());
        if (plan.stockId() != null && !stock.has(plan.stockId())) {
            throw new RefusedFieldException("stockId", "There is no board " + plan.stockId() + " in stock.");
        }
        rig.requireThere("madeWith", plan.madeWith());
        BenchView laid = changed(new BenchPieceEntity(plan), workshop);
        if (plan.jobId() != null) {
            events.publishEvent(new PieceLaid(laid.id(), plan.jobId()));
        }
        return laid;
    }

    public BenchView tap(long id, TapFields tap) {
        tap.requireSense(clock.instant());
        // two who tap at once are heard one after the other
        BenchPieceEntity piece = repository.alone(id).filter(BenchPieceEntity::present).orElseThrow(() -> missing(id));
        Workshop workshop = workshops.now();
        Recipe plan = typical(piece, workshop);
        PieceLife life = inTurn(() -> piece.life(plan, chamber).heardOf(tap.tapped()));
        piece.said(life);
        if (tap.tap() == Tap.INTO_HEAT) {
            piece.heatedBeside(chamber.heardAt(tap.saidAt()));
        }
        if (tap.tap() == Tap.RELEASED && life.next().contains(Tap.JUDGED) && life.step() == Step.DRYING) {
            hang(piece, plan, life, tap.saidAt());
        }
        return changed(piece, workshop);
    }

    /** Off the form it hangs on the rack, as wet as it was followed to be then. */
    private void hang(BenchPieceEntity piece, Recipe plan, PieceLife life, Instant at) {
        Map<Long, RigItemFields> things = things(piece);
        Optional<RigItemFields> place = PieceUnderWay.thing(piece, things, ItemKind.DRYING_PLACE);
        Shop air = place.map(item -> item.airIn(plan.shop())).orElse(plan.shop());
        followed.standing(piece.id(), plan, PieceUnderWay.glue(piece, things), life, at).wood().ifPresent(wood -> piece.hangsAs(rack.hang(new DryingFields(piece.name(),
                piece.recipe().blank().speciesId(), plan.blank().thicknessMm(), plan.blank().widthMm(), day(at),
                Math.rint(wood.moisturePercent() * 10) / 10, null, air.celsius(), air.relativeHumidity() * 100), List.of())));
    }

    private Map<Long, RigItemFields> things(BenchPieceEntity piece) {
        return rig.of(piece.madeWith().stream().map(UsedFields::itemId).toList());
    }

    /** Says what of the rig a piece is made with. */
    public BenchView isMadeWith(long id, int version, List<UsedFields> things) {
        BenchPieceEntity piece = present(id);
        requireVersion(piece, version);
        rig.requireThere("madeWith", things);
        piece.isMadeWith(things);
        return changed(piece, workshops.now());
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }

    /** Says beside which thermometer a piece lies in the heat. */
    public BenchView liesBeside(long id, int version, long thermometer) {
        BenchPieceEntity piece = present(id);
        requireVersion(piece, version);
        if (!chamber.isThermometer(thermometer)) {
            throw new RefusedFieldException("thermometer", "There is no thermometer " + thermometer + ".");
        }
        piece.heatedBeside(OptionalLong.of(thermometer));
        followed.followAnew(id);
        return changed(piece, workshops.now());
    }

    public BenchView takeBack(long id, int version) {
        BenchPieceEntity piece = present(id);
        requireVersion(piece, version);
        Workshop workshop = workshops.now();
        PieceLife before = inTurn(() -> piece.life(typical(piece, workshop), chamber).takenBack());
        piece.said(before);
        if (piece.rackId() != null && before.step() == Step.ON_FORM) {
            rack.takeDown(piece.rackId());
            piece.hangsAs(null);
        }
        return changed(piece, workshop);
    }

    /** Makes a trial of a piece, with everything that was measured on its way; gives the key of the trial. */
    public long judge(long id, int version, VerdictFields verdict) {
        BenchPieceEntity piece = present(id);
        requireVersion(piece, version);
        TapFields judged = new TapFields(Tap.JUDGED, clock.instant(), null, null);
        RecipeFields recipe = piece.recipe();
        PieceLife life = inTurn(() -> piece.life(typical(piece, workshops.now()), chamber).after(judged.tapped()));
        LocalDate bentOn = day(life.bentAt().orElse(judged.saidAt()));
        long trial = trials.logOne(new TrialFields(bentOn, recipe, DoneFields.of(life.done()), verdict.outcome(), verdict.note()),
                piece.jobId());
        piece.said(life);
        piece.judgedAs(trial);
        store(piece);
        events.publishEvent(new PieceJudged(id, trial));
        return trial;
    }

    public BenchView takeOff(long id, int version) {
        BenchPieceEntity piece = present(id);
        requireVersion(piece, version);
        piece.discard(clock.instant());
        return changed(piece, workshops.now());
    }

    public BenchView putBack(long id) {
        BenchPieceEntity piece = repository.findById(id).orElseThrow(() -> missing(id));
        piece.bringBack();
        return changed(piece, workshops.now());
    }

    private BenchView changed(BenchPieceEntity piece, Workshop workshop) {
        return BenchView.of(underWay(store(piece), workshop, things(piece), chamber, clock.instant()));
    }

    private BenchPieceEntity store(BenchPieceEntity piece) {
        BenchPieceEntity stored = repository.saveAndFlush(piece);
        events.publishEvent(new BenchChanged(CurrentShop.key()));
        return stored;
    }

    private PieceUnderWay underWay(BenchPieceEntity piece, Workshop workshop, Map<Long, RigItemFields> things, ChamberRecord read, Instant now) {
        Recipe typical = typical(piece, workshop);
        PieceLife life = piece.life(typical, read);
        return new PieceUnderWay(piece, typical, life, followed.standing(piece.id(), typical, PieceUnderWay.glue(piece, things), life, now), things);
    }

    static Recipe typical(BenchPieceEntity piece, Workshop workshop) {
        return UnknownInputs.typical(piece.recipe().toRecipe(workshop));
    }

    private static PieceLife inTurn(Supplier<PieceLife> life) {
        try {
            return life.get();
        } catch (OutOfTurnException refused) {
            throw new RefusedRequestException(HttpStatus.CONFLICT, refused.getMessage());
        }
    }

    private static void requireVersion(BenchPieceEntity piece, int version) {
        piece.requireVersion(version, "More was said of this piece since you looked. Look at it again and repeat what you did.");
    }

    private BenchPieceEntity present(long id) {
        return repository.findById(id).filter(BenchPieceEntity::present).orElseThrow(() -> missing(id));
    }

    private static NotHereException missing(long id) {
        return new NotHereException("There is no piece " + id + " on the bench.");
    }
}
