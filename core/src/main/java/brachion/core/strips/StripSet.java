package brachion.core.strips;

import brachion.core.forecast.Odds;
import brachion.core.method.Recipe;
import brachion.core.physics.Unsure;
import java.util.List;
import java.util.Optional;

/**
 * Test strips that together tell most of the bends that are meant.
 *
 * @param strips   the strips, the safest first
 * @param meant    the bends that are meant, in the order they were given
 * @param lossNow  expected log loss of forecasting one of them now, on average [nats]
 * @param lossThen the same after all strips
 * @param unsure   what the shop's constants are known to, those the bends hang on, what is learned most of first
 * @param looked   among how many strips they were chosen
 */
public record StripSet(List<Strip> strips, List<Meant> meant, double lossNow, double lossThen, List<Left> unsure, int looked) {

    /**
     * A strip.
     *
     * @param recipe   how it is bent
     * @param unbroken odds that it does not break
     * @param share    share of what the set promises that would be lost without it
     * @param about    the constant of the shop that is known least without it, where there is one it tells of
     */
    public record Strip(Recipe recipe, Odds unbroken, double share, Optional<Unsure> about) {
    }

    /**
     * A bend that is meant.
     *
     * @param recipe     the bend
     * @param unbroken   odds that it does not break, now
     * @param spreadNow  how unsure these are, as a standard deviation
     * @param spreadThen what that would be after all strips, on average over how they end
     */
    public record Meant(Recipe recipe, Odds unbroken, double spreadNow, double spreadThen) {
    }

    /**
     * How well one constant of the shop is known, in standard steps of what it is in most shops.
     *
     * @param constant the constant
     * @param sdNow    its standard deviation now
     * @param sdThen   the same after all strips
     */
    public record Left(Unsure constant, double sdNow, double sdThen) {
    }
}
