package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.physics.Physics;
import java.util.Optional;

/** A way to bend, with its settings. Each one knows what it asks of the wood. */
public sealed interface Method permits SteamBox, ColdLamination {

    /** Which method this is, whatever its settings. */
    MethodKind kind();

    /**
     * How soft and wet the wood is at the moment it is bent.
     *
     * @param blank   the stock, with moisture known
     * @param physics the constants nobody measured
     */
    SectionCondition condition(Blank blank, Physics physics);

    /** The strap on the outer face, if any. */
    Optional<Strap> strap();

    /**
     * What bending the blank to the curve asks of the wood.
     *
     * @param blank the stock, with moisture and slope of grain known
     * @param bend  the curve
     * @param physics the constants nobody measured
     * @throws IllegalArgumentException when moisture or slope of grain is not known
     */
    default Demand demand(Blank blank, Bend bend, Physics physics) {
        return Demand.of(blank, bend, condition(blank, physics), strap(), physics);
    }

    /** How much harder the bend gets for each constant this method is unsure of. */
    Sensitivity sensitivity(Blank blank, Bend bend);

    /**
     * What the bend loses of its curve when it is let go, as computed.
     *
     * @param blank  the stock, with moisture and slope of grain known
     * @param bend   the curve
     * @param demand what that bend asks of that blank
     */
    Springback springback(Blank blank, Bend bend, Demand demand);
}
