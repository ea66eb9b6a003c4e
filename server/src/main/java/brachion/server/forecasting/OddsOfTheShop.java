package brachion.server.forecasting;

import brachion.core.forecast.ChainForecaster;
import brachion.core.forecast.Odds;
import brachion.core.forecast.Outstanding;
import brachion.core.job.Progress;
import brachion.core.method.Recipe;
import brachion.core.trial.Severity;
import java.util.function.Function;

/** What other capabilities may ask of the forecast. */
public interface OddsOfTheShop {

    /** The odds that a piece does not break, all by the records as they are now. */
    Function<Recipe, Odds> unbroken();

    /** How many pieces of a job are still to be started, by the same records. */
    Outstanding outstanding(Recipe recipe, Progress progress, double certainty, Severity worst);

    /** What there is to expect of curves of several bends, by the same records. */
    ChainForecaster chains();
}
