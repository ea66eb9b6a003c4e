package brachion.server.forecasting;

import brachion.core.risk.RiskModel;
import brachion.server.forecasting.FittedRisk.Fit;
import brachion.server.problem.RefusedRequestException;
import brachion.server.storage.CurrentShop;
import brachion.server.trial.TrialLogged;
import brachion.server.trial.Trials;
import brachion.server.trial.Trials.Recorded;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;

/** The fit of one shop's records: the latest, the one under way, and the trials counted in ahead of it. */
class FitOfShop {

    /** With as many trials as a shop gathers in years a fit takes less; nobody is kept waiting longer for a newer one. */
    private static final long PATIENCE_MS = 1500;
    /** The first fit after a start goes through heat and water for every piece that was not kept. */
    private static final long PATIENCE_FOR_FIRST_MS = 20_000;
    /** Where a whole fit takes less than anybody notices, there is no need to count a record in ahead of it. */
    private static final int MANY_TRIALS = 1000;
    /** What is kept is looked up while the trials are read; once after a start, so no thread is kept for it. */
    private static final Executor ASIDE = work -> {
        Thread thread = new Thread(work, "kept pieces");
        thread.setDaemon(true);
        thread.start();
    };

    private static final Logger LOG = LoggerFactory.getLogger(FitOfShop.class);

    private final String shop;
    private final Trials trials;
    private final KeptPieces pieces;
    private final KeptRecords records;
    private final ExecutorService fitting;
    private Fit latest;
    /** Revisions at which the records were kept together, and at which they stood when that was last asked. */
    private volatile long keptAt;
    private volatile long stoodAt;
    private CompletableFuture<Fit> underWay;
    /** Trials counted in ahead of the fit that is being made, oldest first. */
    private final List<TrialLogged> ahead = new ArrayList<>();

    FitOfShop(String shop, Trials trials, KeptPieces pieces, KeptRecords records, ExecutorService fitting) {
        this.shop = shop;
        this.trials = trials;
        this.pieces = pieces;
        this.records = records;
        this.fitting = fitting;
    }

    /** Among many records a new one is counted in at once, by a step from the last fit; a whole fit follows. */
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
                fitting.submit(this::fitInShop);
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
            return newer.get(last == null ? PATIENCE_FOR_FIRST_MS : PATIENCE_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException tooLong) {
            if (last == null) {
                throw new RefusedRequestException(HttpStatus.SERVICE_UNAVAILABLE,
                        "All records are being worked through for the first forecast after the start. Ask again in a moment.");
            }
            return last.fallenBehind();
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException why ? why
                    : new IllegalStateException("The trials could not be read for a fit", failed.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while waiting for a fit", stopped);
        }
    }

    private synchronized Fit last() {
        return latest;
    }

    /** The fit under way, begun now unless one is; one that began before the last change is followed by another. */
    synchronized CompletableFuture<Fit> newer(long revision) {
        if (latest != null && latest.revision() >= revision) {
            return CompletableFuture.completedFuture(latest);
        }
        if (underWay == null || underWay.isDone()) {
            underWay = CompletableFuture.supplyAsync(this::fitInShop, fitting);
        }
        return underWay.thenCompose(fit -> fit.revision() >= revision ? CompletableFuture.completedFuture(fit) : newer(revision));
    }

    private Fit fitInShop() {
        return CurrentShop.in(shop, this::fit);
    }

    private Fit fit() {
        Fit last = last();
        return last == null ? fitKept().orElseGet(() -> fitAnew(null)) : fitAnew(last);
    }

    /** The first fit after a start, if the records and where it ended are kept together. */
    private Optional<Fit> fitKept() {
        long begun = System.nanoTime();
        return records.now().map(kept -> {
            Recorded recorded = kept.recorded();
            keptAt = recorded.revision();
            Fit fit = made(recorded, kept.fit());
            LOG.info("Fitted {} records that were kept together in {} ms", recorded.trials().size(), TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun));
            return fit;
        });
    }

    /** From records as they are written down, each by itself. */
    private Fit fitAnew(Fit last) {
        CompletableFuture<KeptPieces.Lookup> kept = last == null
                ? CompletableFuture.supplyAsync(() -> CurrentShop.in(shop, pieces::lookup), ASIDE) : CompletableFuture.completedFuture(pieces.nothing());
        Recorded recorded = trials.recorded();
        KeptPieces.Lookup lookup = kept.join();
        RiskModel risk = RiskModel.fit(recorded.trials(), Optional.ofNullable(last).map(Fit::risk), lookup::find);
        Fit fit = made(recorded, risk);
        // nobody need wait for that
        fitting.submit(() -> pieces.keep(risk.followed(lookup.missed())));
        return fit;
    }

    private synchronized Fit made(Recorded recorded, RiskModel risk) {
        Fit fit = Fit.of(recorded, risk);
        for (TrialLogged one : ahead) {
            fit = one.revision() == fit.revision() + 1 ? fit.with(one) : fit;
        }
        long reached = fit.revision();
        ahead.removeIf(one -> one.revision() <= recorded.revision() || one.revision() > reached);
        if (latest == null || fit.revision() >= latest.revision()) {
            latest = fit;
        }
        return fit;
    }

    /** Keeps the records together for the next start, unless they are being worked on or are kept already. */
    void keepAtRest() {
        Fit last = last();
        if (last != null && last.revision() == stoodAt) {
            keep();
        }
        stoodAt = last == null ? 0 : last.revision();
    }

    /** Keeps the records together for the next start, unless they are kept already. */
    void keep() {
        Fit last = last();
        if (last != null && last.whole() && last.revision() != keptAt) {
            CurrentShop.in(shop, () -> {
                records.keep(last);
                return last;
            });
            keptAt = last.revision();
        }
    }
}
