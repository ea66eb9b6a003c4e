package brachion.core.physics;

import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * A constant that is not known well, with one standard step of what it could be. A step goes the way that makes wood
 * harder to bend, so that "two steps" always means a shop that is worse off. The sizes are round numbers chosen by us.
 */
public enum Unsure {
    /** How fast steam heats: a step divides the heat it brings by 1.6. */
    STEAM_HEAT(Physics::steamHeat, steps -> Math.pow(1.6, -steps), 0),
    /** How fast water enters: a step divides the diffusion by 1.6. */
    WATER_UPTAKE(Physics::waterUptake, steps -> Math.pow(1.6, -steps), 0),
    /** How hot the steam is where the stock lies: a step is 5 °C less than was written down. Lids, vents and cold corners do that (common practice). */
    BOX_HEAT(Physics::coolerC, steps -> 1, 5),
    /** At what heat wood softens, which is the wood's and not the shop's: a step is 3 °C more. */
    SOFTENING(Physics::softeningShiftC, steps -> 1, 3),
    /** How wet steam makes a face: a step is 3 % less. */
    STEAM_MOISTURE(Physics::steamMoisturePercent, steps -> 1, -3),
    /** How much of a strap works: a step divides it by 1.4. */
    STRAP_SHARE(Physics::strapShare, steps -> Math.pow(1.4, -steps), 0),
    /** How far the stops of a strap give: a step is 0.7 mm more than was written down. */
    STOPS(Physics::stopsGiveMm, steps -> 1, 0.7),
    /** How hard softened wood still is to crush: a step adds 0.05 to its share of the dry strength. */
    CRUSHING(Physics::softCrushing, steps -> 1, 0.05);

    private final ToDoubleFunction<Physics> value;
    private final DoubleUnaryOperator factor;
    private final double step;

    /**
     * @param factor what so many steps multiply the constant by
     * @param step   what each step adds to it
     */
    Unsure(ToDoubleFunction<Physics> value, DoubleUnaryOperator factor, double step) {
        this.value = value;
        this.factor = factor;
        this.step = step;
    }

    /** The constant itself. */
    public double value(Physics of) {
        return value.applyAsDouble(of);
    }

    /** The constants with this one moved by so many steps towards what is harder to bend. */
    public Physics stepped(Physics from, double steps) {
        return new Physics(stepped(STEAM_HEAT, from, steps), stepped(WATER_UPTAKE, from, steps),
                stepped(SOFTENING, from, steps), stepped(STEAM_MOISTURE, from, steps), stepped(STRAP_SHARE, from, steps),
                stepped(CRUSHING, from, steps), stepped(BOX_HEAT, from, steps), stepped(STOPS, from, steps));
    }

    /** Whether it is about straps, and so bears on bends under one alone. */
    public boolean ofStraps() {
        return this == STRAP_SHARE || this == STOPS;
    }

    private double stepped(Unsure constant, Physics from, double steps) {
        double now = constant.value(from);
        return constant == this ? now * factor.applyAsDouble(steps) + step * steps : now;
    }
}
