package brachion.core.method;

import brachion.core.wood.Species;
import java.util.List;

/** Every way of bending there is: the one place where a new one is entered. What it is and does, its class says. */
public enum MethodKind {
    /** Solid stock softened in a steam box. */
    STEAM_BOX(Family.HOT_WOOD, SteamBox::toTry),
    /** Thin dry strips bent cold with glue between. */
    COLD_LAMINATION(Family.COLD_PLIES, ColdLamination::toTry);

    private final Family family;
    private final Search search;

    /** What a search tries of a way of bending. */
    private interface Search {

        List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species);
    }

    MethodKind(Family family, Search search) {
        this.family = family;
        this.search = search;
    }

    /** The family it shares its fit with. */
    public Family family() {
        return family;
    }

    /**
     * Every recipe of one wood that a search tries for a piece, with what is at hand; those that are best followed
     * together ({@link Method#followTogether}) stand together.
     */
    public List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return search.toTry(wanted, atHand, species);
    }
}
