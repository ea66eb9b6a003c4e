package brachion.core.forecast;

import brachion.core.method.Demand;
import java.util.List;

/**
 * The answer to "will this piece bend?".
 *
 * @param unbroken         odds that it does not break
 * @param clean            odds that nothing shows at all
 * @param unbrokenByTables odds that it does not break, by the published radii alone, without the user's records
 * @param hidden           share of pieces that break for reasons nothing measured explains; part of both odds
 * @param modes            the failure modes, the one that limits the bend first
 * @param blemishes        what may spoil it although it holds, the likeliest first
 * @param typical          the section of the most ordinary piece this could be, for drawing
 * @param springback       how far it opens when it is let go
 * @param missing          what nobody measured, the most telling first
 * @param evidence         what the odds rest on
 */
public record Forecast(Odds unbroken, Odds clean, Odds unbrokenByTables, double hidden, List<ModeForecast> modes, List<BlemishForecast> blemishes, Demand typical,
                       SpringbackForecast springback, List<MissingMeasurement> missing, Evidence evidence) {
}
