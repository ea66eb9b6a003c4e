package brachion.core.method;

/**
 * One bend as planned or as done.
 *
 * @param blank  the stock
 * @param bend   the curve
 * @param method the way to bend it, with its settings
 */
public record Recipe(Blank blank, Bend bend, Method method) {

    /** What this recipe asks of the wood; moisture and slope of grain must be known. */
    public Demand demand() {
        return method.demand(blank, bend);
    }

    /** The same recipe on another blank. */
    public Recipe withBlank(Blank other) {
        return new Recipe(other, bend, method);
    }
}
