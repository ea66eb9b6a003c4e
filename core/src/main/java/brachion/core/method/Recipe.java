package brachion.core.method;

import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * One bend as planned or as done.
 *
 * @param blank  the stock
 * @param bend   the curve
 * @param method the way to bend it, with its settings
 * @param names  whose hands, which board, where from
 * @param shop   where it is done
 * @param supposed what of it nobody wrote down
 */
public record Recipe(Blank blank, Bend bend, Method method, Names names, Shop shop, Set<Supposed> supposed) {

    /** Keeps what is supposed in one order, so that the same is the same. */
    public Recipe {
        supposed = supposed.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(supposed));
    }

    /** A recipe of which everything is written down. */
    public Recipe(Blank blank, Bend bend, Method method, Names names, Shop shop) {
        this(blank, bend, method, names, shop, Set.of());
    }

    /** A recipe without names, in an ordinary shop. */
    public Recipe(Blank blank, Bend bend, Method method) {
        this(blank, bend, method, Names.none());
    }

    /** A recipe in an ordinary shop. */
    public Recipe(Blank blank, Bend bend, Method method, Names names) {
        this(blank, bend, method, names, Shop.USUAL);
    }

    /** What this recipe asks of the wood; moisture and slope of grain must be known. */
    public Demand demand() {
        return demand(Physics.USUAL);
    }

    /** The same where the constants nobody measured are not the usual ones. */
    public Demand demand(Physics physics) {
        return method.demand(blank, bend, shop, physics);
    }

    /**
     * What this recipe would ask of the wood if each of the constants its method is unsure of were one step worse;
     * moisture and slope of grain must be known.
     */
    public Sensitivity sensitivity() {
        return method.sensitivity(blank, bend, shop);
    }

    /** The same recipe on another blank. */
    public Recipe withBlank(Blank other) {
        return new Recipe(other, bend, method, names, shop, supposed);
    }

    /** The same recipe bent to another inner radius [mm]. */
    public Recipe withInnerRadiusMm(double other) {
        return withBend(new Bend(other, bend.angleDegrees()));
    }

    /** The same recipe bent to another curve. */
    public Recipe withBend(Bend other) {
        return new Recipe(blank, other, method, names, shop, supposed);
    }

    /** The same recipe done another way. */
    public Recipe withMethod(Method other) {
        return new Recipe(blank, bend, other, names, shop, supposed);
    }

    /** The same recipe by these hands, of this board. */
    public Recipe withNames(Names other) {
        return new Recipe(blank, bend, method, other, shop, supposed);
    }

    /** The same recipe done in another shop. */
    public Recipe withShop(Shop other) {
        return new Recipe(blank, bend, method, names, other, supposed);
    }

    /** The same recipe of which nobody wrote some things down. */
    public Recipe supposing(Set<Supposed> others) {
        return new Recipe(blank, bend, method, names, shop, others);
    }
}
