package brachion.server.forecasting;

import brachion.core.forecast.ChainForecaster;
import brachion.core.forecast.Odds;
import brachion.core.method.Recipe;
import java.util.function.Function;

/** What other capabilities may ask of the forecast. */
public interface OddsOfTheShop {

    /** The odds that a piece does not break, all by the records as they are now. */
    Function<Recipe, Odds> unbroken();

    /** What there is to expect of curves of several bends, by the same records. */
    ChainForecaster chains();
}
