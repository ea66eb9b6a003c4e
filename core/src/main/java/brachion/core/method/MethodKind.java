package brachion.core.method;

import brachion.core.wood.Species;
import java.util.List;
import java.util.Optional;

/** Every way of bending there is: the one place where a new one is entered. What it is and does, its class says. */
public enum MethodKind {
    /** Solid stock softened in a steam box. */
    STEAM_BOX(Family.HOT_WOOD, SteamBox.SETTINGS, SteamBox::of, SteamBox::toTry),
    /** Solid stock steamed in a bag, pulled from it or bent in it. */
    STEAM_BAG(Family.HOT_WOOD, SteamBag.SETTINGS, SteamBag::of, SteamBag::toTry, Term.STEAM_BAG),
    /** Solid stock steamed in a bag where it is going to stay. */
    STEAM_IN_PLACE(Family.HOT_WOOD, SteamInPlace.SETTINGS, SteamInPlace::of, SteamInPlace::toTry, Term.STEAM_IN_PLACE),
    /** Solid stock heated in a trough of water near boiling. */
    HOT_BATH(Family.HOT_WOOD, HotBath.SETTINGS, HotBath::of, HotBath::toTry, Term.HOT_BATH),
    /** Thin stock worked over a hot pipe. */
    HOT_PIPE(Family.HOT_WOOD, HotPipe.SETTINGS, HotPipe::of, HotPipe::toTry, Term.HOT_PIPE),
    /** Bent between posts by body weight, the bag still on. */
    FREE_BENDING(Family.HOT_WOOD, FreeBending.SETTINGS, FreeBending::of, FreeBending::toTry, Term.FREE_BENDING),
    /** A riven or grown rod, thinned where it bends, pinned round a block. */
    GREEN_ROD(Family.HOT_WOOD, GreenRod.SETTINGS, GreenRod::of, GreenRod::toTry, Term.GREEN_ROD),
    /** Plies steamed, dried on the form in order, then glued on it. */
    STEAMED_PLIES(Family.HOT_WOOD, SteamedPlies.SETTINGS, SteamedPlies::of, SteamedPlies::toTry, Term.STEAMED_PLIES),
    /** Saw cuts that leave a thin web, bent cold. */
    KERF_BENDING(Family.KERFED_WEBS, KerfBending.SETTINGS, KerfBending::of, KerfBending::toTry),
    /** A thin plate pressed to a curve both ways. */
    PRESSED_PLATE(Family.PLATES, PressedPlate.SETTINGS, PressedPlate::of, PressedPlate::toTry),
    /** Thin dry strips bent cold with glue between. */
    COLD_LAMINATION(Family.COLD_PLIES, ColdLamination.SETTINGS, ColdLamination::of, ColdLamination::toTry),
    /** Thick plies with kerfs over the bend, glued over a thin clean one. */
    KERFED_PLIES(Family.COLD_PLIES, KerfedPlies.SETTINGS, KerfedPlies::of, KerfedPlies::toTry, Term.KERFED_PLIES);

    private static final int FIRST_VERSION = 1;

    private final Family family;
    private final List<Setting<?>> settings;
    private final Making making;
    private final Search search;
    private final Optional<Term> beyondComputed;

    /** Makes a way of bending of its settings. */
    private interface Making {

        Method of(Settings settings, double stockWidthMm);
    }

    /** What a search tries of a way of bending. */
    private interface Search {

        List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species);
    }

    MethodKind(Family family, List<Setting<?>> settings, Making making, Search search) {
        this(family, settings, making, search, Optional.empty());
    }

    MethodKind(Family family, List<Setting<?>> settings, Making making, Search search, Term beyondComputed) {
        this(family, settings, making, search, Optional.of(beyondComputed));
    }

    MethodKind(Family family, List<Setting<?>> settings, Making making, Search search, Optional<Term> beyondComputed) {
        this.family = family;
        this.settings = settings;
        this.making = making;
        this.search = search;
        this.beyondComputed = beyondComputed;
    }

    /** The family it shares its fit with. */
    public Family family() {
        return family;
    }

    /** What is set about it, in the order of work. */
    public List<Setting<?>> settings() {
        return settings;
    }

    /** Counts up whenever what is stored of its settings changes its meaning. */
    public int settingsVersion() {
        return FIRST_VERSION;
    }

    /** The way with its settings, read by {@link Settings#read}, for stock of a width [mm]. */
    public Method of(Settings set, double stockWidthMm) {
        return making.of(set, stockWidthMm);
    }

    /** What may be better or worse about it than its physics say, beside the other ways of its family. */
    Optional<Term> beyondComputed() {
        return beyondComputed;
    }

    /**
     * Every recipe of one wood that a search tries for a piece, with what is at hand; those that are best followed
     * together ({@link Method#followTogether}) stand together. A piece that curves both ways is a plate, and no other is; a
     * panel is bent in ways that take panels alone.
     */
    public List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        boolean bothWays = family == Family.PLATES;
        boolean fits = bothWays == wanted.acrossRiseMm().isPresent() && family.takes(species);
        return fits ? search.toTry(wanted, atHand, species) : List.of();
    }
}
