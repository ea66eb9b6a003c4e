package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A way to bend, with its settings. Each one knows what it asks of the wood, what can be changed about it, what it is
 * tried with, how long it takes and what is doubtful about it; whoever forecasts or advises asks it and knows no other
 * difference between the ways.
 */
public interface Method {

    /** Which way this is, whatever its settings. */
    MethodKind kind();

    /** The family it shares its failure modes and its fit with. */
    default Family family() {
        return kind().family();
    }

    /** What is set about it, by the settings its kind publishes. */
    Settings settings();

    /**
     * How soft and wet the wood is at the moment it is bent.
     *
     * @param blank   the stock, with moisture known
     * @param shop    where it is done
     * @param physics the constants nobody measured
     */
    SectionCondition condition(Blank blank, Shop shop, Physics physics);

    /** The strap on the outer face, if any. */
    Optional<Strap> strap();

    /** The same way where nothing lies on the outer face: the strap of an S lies on the inner face of every other bend. */
    default Method withBareFace() {
        return this;
    }

    /**
     * What bending the blank to the curve asks of the wood.
     *
     * @param blank the stock, with moisture and slope of grain known
     * @param bend  the curve
     * @param shop  where it is done
     * @param physics the constants nobody measured
     * @throws IllegalArgumentException when moisture or slope of grain is not known
     */
    default Demand demand(Blank blank, Bend bend, Shop shop, Physics physics) {
        return demandIn(condition(blank, shop, physics), blank, bend, physics);
    }

    /** The same of wood in a condition that is known. */
    default Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        return Demand.of(blank, bend, condition, strap(), physics);
    }

    /**
     * What of the settings cannot be done to stock of a thickness [mm] and this curve, a sentence by the key of the setting with
     * what would be accepted; empty when nothing is.
     */
    default Map<String, String> refusals(double thicknessMm, Bend bend) {
        return Map.of();
    }

    /** The same recipe a step of a ladder gentler or harder: so many times as thick, on the marks. */
    default Recipe thickened(Recipe recipe, Marks marks, double factor) {
        return marks.scaled(recipe, 1, factor);
    }

    /** Whether rods and half-rounds are bent so, or planks alone. */
    default boolean roundStock() {
        return false;
    }

    /** Whether what it makes is curved across the grain, too, so that no other way makes the same piece. */
    default boolean curvedBothWays() {
        return false;
    }

    /** Whether a curve of several bends is made one bend after the other, each in a heat of its own. */
    default boolean heatedByZones() {
        return false;
    }

    /** Thickness of the piece when it is done [mm], made of stock of a thickness [mm]. */
    default double finishedMm(double stockMm) {
        return stockMm;
    }

    /** What is measured out for it at the bench. */
    default Sheet sheet(Recipe recipe) {
        return Sheet.ofTheCurve(recipe);
    }

    /** The same section in other plies, the planned ones among them, the thickest first; none of a piece that is not of plies alike. */
    default List<Recipe> inOtherPlies(Recipe recipe) {
        return List.of();
    }

    /** How likely a piece is spoilt although it holds, as computed before any record. */
    default Map<Blemish, Double> blemishes(Recipe recipe) {
        return Map.of();
    }

    /** How much harder the bend gets for each constant this method is unsure of. */
    Sensitivity sensitivity(Blank blank, Bend bend, Shop shop);

    /**
     * What the bend loses of its curve when it is let go, as computed.
     *
     * @param blank  the stock, with moisture and slope of grain known
     * @param bend   the curve
     * @param shop   where it is done
     * @param demand what that bend asks of that blank
     */
    Springback springback(Blank blank, Bend bend, Shop shop, Demand demand);

    /**
     * What the method itself could have done better, one thing after the other; none where only the curve is left.
     *
     * @param recipe the recipe, everything known
     */
    List<Cure> cures(Recipe recipe);

    /** What can be changed about the method and about stock in the way this method uses it. */
    List<Change> changes(Recipe recipe, Marks marks);

    /** What would be asked at the very best this method can do, where that is known without following it. */
    default Optional<Demand> atBest(Blank blank, Bend bend) {
        return Optional.empty();
    }

    /**
     * The strips a shop can cut to learn how this way goes there, a group for each that are best followed together
     * ({@link #followTogether}).
     *
     * @param like  stock, curve and settings to begin from
     * @param means what can be varied
     */
    default List<List<Recipe>> testStrips(Recipe like, TestMeans means) {
        return StripVariety.bent(like, means);
    }

    /** Works out together what a group of recipes of {@link MethodKind#toTry} asks, where that is less work than one by one. */
    default void followTogether(Blank blank, Shop shop, List<? extends Method> alike) {
    }

    /** The stages of its process that can be written down as they went, in the order of work; none for a way that has none. */
    default List<StageKind> stageKinds() {
        return List.of();
    }

    /** How long a stage is to take [min]; empty when nothing is planned. */
    default OptionalDouble plannedMinutes(StageKind stage) {
        return OptionalDouble.empty();
    }

    /** The same way as it was done. */
    default Method asDone(Done done) {
        return this;
    }

    /** Hours from the first step until the piece comes off the form or out of the clamps [h]. */
    double hoursToRelease();

    /**
     * Hours a person stands by it [h], from setting up to the last clamp: not while it soaks, dries or cures. Round numbers chosen
     * by us, to compare ways with.
     */
    double attentionHours(Recipe recipe);

    /** What it needs at the bench, in the order of work. */
    List<Equipment> equipment();

    /** What it is glued with, where it is glued with a glue that is chosen. */
    default Optional<Glue> gluedWith() {
        return Optional.empty();
    }

    /** Whether it is heated for less time than every rule of thumb says. */
    default boolean quickerThanSchools(Blank blank) {
        return false;
    }

    /**
     * What can hardly be meant about the settings.
     *
     * @param recipe the recipe they belong to
     * @param rigC temperature the shop's rig comes to [°C]; empty when nobody described it
     */
    default List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        return List.of();
    }
}
