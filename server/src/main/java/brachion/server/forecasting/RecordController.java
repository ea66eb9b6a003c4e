package brachion.server.forecasting;

import brachion.core.forecast.Cause;
import brachion.core.forecast.Diagnosis;
import brachion.core.forecast.Forecast;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Odds;
import brachion.core.forecast.SpringbackForecast;
import brachion.core.method.Doubt;
import brachion.core.method.Recipe;
import brachion.core.trial.Flaw;
import brachion.core.trial.Trial;
import brachion.server.forecasting.LeversController.LeverView;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.Workshops;
import brachion.server.trial.Trials;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.concurrent.Callable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the records say of one of them: of the process as it was done, not of its plan. */
@RestController
@RequestMapping("/api/trials/{id}")
class RecordController {

    private final FittedRisk fitted;
    private final Trials trials;
    private final Workshops workshops;

    RecordController(FittedRisk fitted, Trials trials, Workshops workshops) {
        this.fitted = fitted;
        this.trials = trials;
        this.workshops = workshops;
    }

    /**
     * @param asDone  forecast of the piece as it was done
     * @param planned odds of the piece as it was planned; null where it went as planned
     */
    record RecordForecast(@NotNull ForecastAnswer asDone, Odds planned) {
    }

    /**
     * @param now    odds that such a piece does not break
     * @param likely the causes, the likeliest first
     */
    record DiagnosisAnswer(Odds now, List<LikelyReading> likely) {
    }

    /**
     * @param cause what it is
     * @param share how likely it is, beside the others
     * @param next  the change that helps most against it; null where none is known by how much
     */
    record LikelyReading(@NotNull Cause cause, @NotNull Double share, LeverView next) {

        static LikelyReading of(Diagnosis.Likely likely) {
            return new LikelyReading(likely.cause(), likely.share(), likely.next().map(LeverView::of).orElse(null));
        }
    }

    @GetMapping("/forecast")
    RecordForecast forecast(@PathVariable("id") long id) {
        Trials.One one = trials.one(id);
        FittedRisk.Fit fit = fitted.current();
        Forecaster forecaster = new Forecaster(fit.risk());
        Recipe done = one.trial().recipe();
        return new RecordForecast(ForecastAnswer.of(forecaster.forecast(done), done, Doubt.of(done, workshops.now().reachesC()), fit),
                one.planned().equals(done) ? null : forecaster.unbroken(one.planned()));
    }

    /**
     * What would have been forecast of a piece before it was bent.
     *
     * @param records    how many records of its family there were
     * @param unbroken   odds that it does not break
     * @param springback how far it was to open
     */
    record Beforehand(int records, Odds unbroken, SpringbackForecast springback) {
    }

    /** A fit of the records there were then, which takes its time with many. */
    @GetMapping("/beforehand")
    Callable<Beforehand> beforehand(@PathVariable("id") long id) {
        return () -> {
            Trial trial = trials.one(id).trial();
            Forecast forecast = new Forecaster(fitted.current().risk().before(trial)).forecast(trial.recipe());
            return new Beforehand(forecast.evidence().trialsOfFamily(), forecast.unbroken(), forecast.springback());
        };
    }

    /** What was most likely behind the flaw a piece has, with changes that lie on marks. Refuses a piece without one. */
    @PostMapping("/diagnosis")
    DiagnosisAnswer diagnose(@PathVariable("id") long id, @Valid @RequestBody MarksFields marks) {
        Trials.One one = trials.one(id);
        Trial trial = one.trial();
        Flaw seen = trial.outcome().flaw().orElseThrow(() -> new RefusedFieldException("outcome.flaw", "Nothing is wrong with this piece."));
        Diagnosis found = Diagnosis.of(fitted.current().risk(), trial.recipe(), one.planned(), seen, marks.toMarks());
        return new DiagnosisAnswer(found.now(), found.likely().stream().map(LikelyReading::of).toList());
    }
}
