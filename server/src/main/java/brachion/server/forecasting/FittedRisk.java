package brachion.server.forecasting;

import brachion.core.risk.RiskModel;
import brachion.server.trial.Trials;
import brachion.server.trial.Trials.Recorded;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The fit of all records, kept until the records change. The records in the database are the only truth: every
 * request compares revisions, so several servers on one database never answer from an old fit.
 */
@Component
class FittedRisk {

    /**
     * A fit and the records it was made from.
     *
     * @param revision revision of the records
     * @param risk     the fit
     */
    record Fit(long revision, RiskModel risk) {
    }

    private final Trials trials;
    private final AtomicReference<Fit> latest = new AtomicReference<>();

    FittedRisk(Trials trials) {
        this.trials = trials;
    }

    /** Fits behind the scenes once the server is up, so that the first question need not wait for it. */
    @EventListener(ApplicationReadyEvent.class)
    void fitAhead() {
        Thread ahead = new Thread(this::current, "fit ahead");
        ahead.setDaemon(true);
        ahead.start();
    }

    Fit current() {
        Fit fit = latest.get();
        return fit != null && fit.revision() == trials.revision() ? fit : refit();
    }

    private synchronized Fit refit() {
        Fit fit = latest.get();
        Recorded recorded = trials.recorded();
        if (fit == null || fit.revision() != recorded.revision()) {
            fit = new Fit(recorded.revision(),
                    RiskModel.fit(recorded.trials(), Optional.ofNullable(fit).map(Fit::risk)));
            latest.set(fit);
        }
        return fit;
    }
}
