package brachion.server.forecasting;

import brachion.core.forecast.ChainForecaster;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Odds;
import brachion.core.forecast.Outstanding;
import brachion.core.job.Progress;
import brachion.core.method.Recipe;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SetAside;
import brachion.core.trial.Severity;
import brachion.server.storage.CurrentShop;
import brachion.server.storage.ShopCleared;
import brachion.server.trial.TrialLogged;
import brachion.server.trial.Trials;
import brachion.server.trial.Trials.Recorded;
import jakarta.annotation.PreDestroy;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The fit of all records of a shop, kept until they change. The records in the database are the only truth: every request
 * compares revisions, so several servers on one database soon answer from the same fit. A new fit is made behind the
 * scenes; whoever asks meanwhile waits a moment for it and is then answered from the last one, which says so.
 */
@Component
class FittedRisk implements OddsOfTheShop {

    /**
     * A fit and the records it was made from.
     *
     * @param revision revision of the records
     * @param risk     the fit
     * @param refused  records that could not even be read for it
     * @param behind   whether the records have changed since
     * @param whole    whether all records were looked at for it, and none was counted in by a step
     */
    record Fit(long revision, RiskModel risk, List<SetAside> refused, boolean behind, boolean whole) {

        /** Of all records at a revision. */
        static Fit of(Recorded recorded, RiskModel risk) {
            return new Fit(recorded.revision(), risk, recorded.refused(), false, true);
        }

        Fit with(TrialLogged one) {
            return new Fit(one.revision(), risk.with(one.trial()), refused, false, false);
        }

        Fit fallenBehind() {
            return new Fit(revision, risk, refused, true, whole);
        }

        /** All records that are not used, and why. */
        List<SetAside> setAside() {
            return Stream.concat(risk.setAside().stream(), refused.stream()).sorted(Comparator.comparingLong(SetAside::trialId)).toList();
        }
    }

    /** Whoever saves one record after the other is not at rest. */
    private static final long AT_REST_MS = 20_000;

    private final Trials trials;
    private final KeptPieces pieces;
    private final KeptRecords records;
    private final Map<String, FitOfShop> fits = new ConcurrentHashMap<>();
    private final ExecutorService fitting = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "fit");
        thread.setDaemon(true);
        return thread;
    });

    FittedRisk(Trials trials, KeptPieces pieces, KeptRecords records) {
        this.trials = trials;
        this.pieces = pieces;
        this.records = records;
    }

    /** The fit of the records as they are; the last one where a newer takes its time. */
    Fit current() {
        return here().current();
    }

    @Override
    public Function<Recipe, Odds> unbroken() {
        return new Forecaster(current().risk())::unbroken;
    }

    @Override
    public Outstanding outstanding(Recipe recipe, Progress progress, double certainty, Severity worst) {
        return Outstanding.of(current().risk(), recipe, progress.missing(), progress.underWay(), certainty, worst);
    }

    @Override
    public ChainForecaster chains() {
        return new ChainForecaster(current().risk());
    }

    /** Fits behind the scenes once the server is up, so that the first question need not wait for it. */
    @EventListener(ApplicationReadyEvent.class)
    void fitAhead() {
        here().newer(trials.revision());
    }

    /** Records nobody has changed for a while are kept together, so that the next start reads them in one go. */
    @Scheduled(fixedDelay = AT_REST_MS, initialDelay = AT_REST_MS)
    void keepAtRest() {
        fits.values().forEach(FitOfShop::keepAtRest);
    }

    /** The same of those that were changed just before the server ends. */
    @PreDestroy
    void keep() {
        fits.values().forEach(FitOfShop::keep);
    }

    @TransactionalEventListener
    void logged(TrialLogged one) {
        here().logged(one);
    }

    @EventListener
    void cleared(ShopCleared gone) {
        fits.remove(gone.shop());
    }

    private FitOfShop here() {
        return fits.computeIfAbsent(CurrentShop.key(), shop -> new FitOfShop(shop, trials, pieces, records, fitting));
    }
}
