package brachion.server.forecasting;

import brachion.core.risk.RiskModel;
import brachion.core.risk.SetAside;
import brachion.server.trial.TrialLogged;
import brachion.server.trial.Trials;
import brachion.server.trial.Trials.Recorded;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The fit of all records, kept until the records change. The records in the database are the only truth: every request
 * compares revisions, so several servers on one database soon answer from the same fit. A new fit is made behind the
 * scenes; whoever asks meanwhile waits a moment for it and is then answered from the last one, which says so.
 */
@Component
class FittedRisk {

    /** With as many trials as a shop gathers in years a fit takes less; nobody is kept waiting longer for a newer one. */
    private static final long PATIENCE_MS = 1500;
    /** Where a whole fit takes less than anybody notices, there is no need to count a record in ahead of it. */
    private static final int MANY_TRIALS = 1000;

    /**
     * A fit and the records it was made from.
     *
     * @param revision revision of the records
     * @param risk     the fit
     * @param refused  records that could not even be read for it
     * @param behind   whether the records have changed since
     */
    record Fit(long revision, RiskModel risk, List<SetAside> refused, boolean behind) {

        private Fit with(TrialLogged one) {
            return new Fit(one.revision(), risk.with(one.trial()), refused, false);
        }

        /** All records that are not used, and why. */
        List<SetAside> setAside() {
            return Stream.concat(risk.setAside().stream(), refused.stream()).toList();
        }
    }

    private final Trials trials;
    private final KeptPieces pieces;
    private final ExecutorService fitting = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "fit");
        thread.setDaemon(true);
        return thread;
    });
    private Fit latest;
    private CompletableFuture<Fit> underWay;
    /** Trials counted in ahead of the fit that is being made, oldest first. */
    private final List<TrialLogged> ahead = new ArrayList<>();

    FittedRisk(Trials trials, KeptPieces pieces) {
        this.trials = trials;
        this.pieces = pieces;
    }

    /** Fits behind the scenes once the server is up, so that the first question need not wait for it. */
    @EventListener(ApplicationReadyEvent.class)
    void fitAhead() {
        newer(trials.revision());
    }

    /** Among many records a new one is counted in at once, by a step from the last fit; a whole fit follows. */
    @TransactionalEventListener
    void logged(TrialLogged one) {
        Fit last = last();
        if (last == null || last.risk().trials() < MANY_TRIALS || last.revision() + 1 != one.revision()) {
            return;
        }
        Fit with = last.with(one);
        synchronized (this) {
            if (latest == last) {
                latest = with;
                ahead.add(one);
                fitting.submit(() -> pieces.keep(with.risk().followed(List.of(one.trial()))));
                fitting.submit(this::fit);
            }
        }
    }

    /** The fit of the records as they are; the last one where a newer takes its time. */
    Fit current() {
        long revision = trials.revision();
        Fit last = last();
        if (last != null && last.revision() == revision) {
            return last;
        }
        CompletableFuture<Fit> newer = newer(revision);
        try {
            return last == null ? newer.get() : newer.get(PATIENCE_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException tooLong) {
            return new Fit(last.revision(), last.risk(), last.refused(), true);
        } catch (ExecutionException failed) {
            throw new IllegalStateException("The trials could not be read for a fit", failed.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while waiting for a fit", stopped);
        }
    }

    private synchronized Fit last() {
        return latest;
    }

    /** The fit under way, begun now unless one is; one that began before the last change is followed by another. */
    private synchronized CompletableFuture<Fit> newer(long revision) {
        if (latest != null && latest.revision() >= revision) {
            return CompletableFuture.completedFuture(latest);
        }
        if (underWay == null || underWay.isDone()) {
            underWay = CompletableFuture.supplyAsync(this::fit, fitting);
        }
        return underWay.thenCompose(fit -> fit.revision() >= revision ? CompletableFuture.completedFuture(fit) : newer(revision));
    }

    private Fit fit() {
        Recorded recorded = trials.recorded();
        Fit last = last();
        KeptPieces.Lookup lookup = last == null ? pieces.lookup() : pieces.nothing();
        RiskModel risk = RiskModel.fit(recorded.trials(), Optional.ofNullable(last).map(Fit::risk), lookup::find);
        Fit fit = new Fit(recorded.revision(), risk, recorded.refused(), false);
        synchronized (this) {
            for (TrialLogged one : ahead) {
                fit = one.revision() == fit.revision() + 1 ? fit.with(one) : fit;
            }
            long reached = fit.revision();
            ahead.removeIf(one -> one.revision() <= recorded.revision() || one.revision() > reached);
            if (latest == null || fit.revision() >= latest.revision()) {
                latest = fit;
            }
        }
        // nobody need wait for that
        fitting.submit(() -> pieces.keep(risk.followed(lookup.missed())));
        return fit;
    }
}
