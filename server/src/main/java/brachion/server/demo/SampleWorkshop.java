package brachion.server.demo;

import brachion.server.bench.Bench;
import brachion.server.job.Jobs;
import brachion.server.photo.Photos;
import brachion.server.rack.Rack;
import brachion.server.rig.RigItems;
import brachion.server.shape.Curves;
import brachion.server.stock.Stock;
import brachion.server.storage.CurrentShop;
import brachion.server.storage.LongWork;
import brachion.server.storage.ShopCleared;
import brachion.server.trial.CameFrom;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The invented workshop beside the own one: filled when somebody comes to look round, emptied when they leave. */
@Service
class SampleWorkshop {

    private static final long SEED = 20_241_107L;
    /** So many of the job under way are bent. */
    private static final int FRAMES = 5;
    /** Everything a shop keeps; what belongs to a piece goes with it. */
    private static final List<String> KEPT = List.of("day_plan", "day_hours", "photo", "trial", "bench_piece", "stock_board", "person", "board", "source", "drying_piece", "steam_rig", "rig_item", "instrument", "row_set_aside", "brought_in", "other_shop", "notebook", "saved_view", "wood", "job", "kept_curve",
            "trial_revision", "kept_records", "write_done");

    /** What belongs to a row of these, and by which key. */
    private static final List<Part> PARTS = List.of(new Part("weigh_in", "piece_id", "drying_piece"), new Part("day_job", "plan_id", "day_plan"), new Part("day_slot", "plan_id", "day_plan"), new Part("day_slot_item", "plan_id", "day_plan"), new Part("bench_tap", "piece_id", "bench_piece"), new Part("bench_item", "piece_id", "bench_piece"),
            new Part("instrument_reading", "instrument_id", "instrument"), new Part("photo_image", "photo_id", "photo"), new Part("job_plan", "job_id", "job"), new Part("job_item", "job_id", "job"), new Part("stock_mark", "stock_id", "stock_board"),
            new Part("stock_reading", "stock_id", "stock_board"), new Part("stock_blank", "stock_id", "stock_board"));

    private record Part(String table, String key, String of) {
    }

    private final Trials trials;
    private final Rack rack;
    private final Bench bench;
    private final Stock stock;
    private final Photos photos;
    private final Jobs jobs;
    private final RigItems rigItems;
    private final Curves curves;
    private final JdbcTemplate database;
    private final TransactionTemplate transaction;
    private final LongWork longWork;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    SampleWorkshop(Trials trials, Rack rack, Bench bench, Stock stock, Photos photos, Jobs jobs, RigItems rigItems, Curves curves, JdbcTemplate database, PlatformTransactionManager transactions,
                   LongWork longWork, ApplicationEventPublisher events, Clock clock) {
        this.trials = trials;
        this.rack = rack;
        this.bench = bench;
        this.stock = stock;
        this.photos = photos;
        this.jobs = jobs;
        this.rigItems = rigItems;
        this.curves = curves;
        this.database = database;
        this.longWork = longWork;
        this.transaction = new TransactionTemplate(transactions);
        this.transaction.setTimeout(LongWork.SECONDS);
        this.events = events;
        this.clock = clock;
    }

    /** Fills it, unless it is or somebody else is just doing so. */
    void open() {
        CurrentShop.in(CurrentShop.SAMPLE, () -> transaction.execute(status -> {
            longWork.begin();
            // a revision that no visit before had, so that nobody takes an old fit for this one
            boolean first = database.update("insert ignore into trial_revision (shop, revision) values (?, ?)", CurrentShop.SAMPLE,
                    clock.millis()) == 1;
            if (first) {
                fill();
            }
            return first;
        }));
    }

    /** Whoever looked round and shut the page without leaving comes back no more after a day. */
    @EventListener(ApplicationReadyEvent.class)
    void closeOldVisits() {
        long aDayAgo = clock.millis() - Duration.ofDays(1).toMillis();
        // the count of its changes began at the moment it was opened
        if (!database.queryForList("select 1 from trial_revision where shop = ? and revision < ?", Integer.class, CurrentShop.SAMPLE, aDayAgo)
                .isEmpty()) {
            close();
        }
    }

    /** Writes two years of work into the shop at hand. */
    void fill() {
        List<TrialFields> bends = new FellmarrowWorkshop(SEED).twoYears();
        List<Long> keys = trials.log(bends, CameFrom.HERE);
        new FellmarrowRack(LocalDate.now(clock)).hangOn(rack);
        FellmarrowCurves kept = FellmarrowCurves.keptIn(curves);
        long sloping = new FellmarrowStock(LocalDate.now(clock)).layIn(stock);
        new FellmarrowPhotographs(bends, keys).hangUp(photos, sloping);
        new FellmarrowBench(clock.instant()).layOn(bench, jobs, trials, new FellmarrowRig(LocalDate.now(clock)).layIn(rigItems), kept, lastFrames(bends, keys));
    }

    /** The last snowshoe frames that were bent. */
    private static List<Long> lastFrames(List<TrialFields> bends, List<Long> keys) {
        return IntStream.range(0, bends.size()).filter(i -> bends.get(i).note().startsWith("Snowshoe frame")).boxed()
                .sorted(Comparator.comparing((Integer i) -> bends.get(i).bentOn()).reversed()).limit(FRAMES).map(keys::get).toList();
    }

    /** Empties it, whatever was tried in it. */
    void close() {
        transaction.executeWithoutResult(status -> {
            longWork.begin();
            PARTS.forEach(part -> database.update("delete from %s where %s in (select id from %s where shop = ?)"
                    .formatted(part.table(), part.key(), part.of()), CurrentShop.SAMPLE));
            KEPT.forEach(table -> database.update("delete from " + table + " where shop = ?", CurrentShop.SAMPLE));
        });
        events.publishEvent(new ShopCleared(CurrentShop.SAMPLE));
    }
}
