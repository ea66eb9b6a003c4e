package brachion.core.method;

/** A way to bend, with its settings. Each one knows what it asks of the wood. */
public sealed interface Method permits SteamBox, ColdLamination {

    /** Which method this is, whatever its settings. */
    MethodKind kind();

    /**
     * What bending the blank to the curve asks of the wood.
     *
     * @param blank the stock, with moisture and slope of grain known
     * @param bend  the curve
     * @throws IllegalArgumentException when moisture or slope of grain is not known
     */
    Demand demand(Blank blank, Bend bend);

    /**
     * What the bend loses of its curve when it is let go, as computed.
     *
     * @param blank  the stock, with moisture and slope of grain known
     * @param bend   the curve
     * @param demand what that bend asks of that blank
     */
    Springback springback(Blank blank, Bend bend, Demand demand);
}
