package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.SectionState;
import brachion.core.bending.SpeciesCapacity;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.physics.Physics;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A pressed plate: thin wood curved both ways, as the back of an instrument is. It is soaked in a sealed bag, held at its edges in a
 * frame, heated in simmering water and pushed on to its former as far as it goes without force, round after round, until it is
 * home; then it dries in a frame that does not clamp it hard, or it splits as it shrinks (common practice).
 *
 * <p>Held at its edges it is stretched as a {@link PressedCurve} says: along the grain by the bend itself, across it by what it rises
 * over its width.
 *
 * @param handling     soak, and hours in the drying frame; never a carry
 * @param heating      time in the water, all rounds together, and how hot that is
 * @param acrossRiseMm how far it rises across the grain, over its width [mm]
 * @param widthMm      its width, across the grain [mm]
 * @param rounds       how often it is heated and pushed on
 * @param between      what it lies between
 * @param bag          whether it is in a bag while it is in the water
 */
public record PressedPlate(Handling handling, Heating heating, double acrossRiseMm, double widthMm, int rounds, Between between, Bag bag) implements HotWood {

    /** What a plate is bolted between. */
    public enum Between {
        /** Two sheets of thin metal. */
        METAL_SHEETS,
        /** Only the frame at its edges. */
        NOTHING
    }

    /** Whether water washes over it while it is heated. */
    public enum Bag {
        /** Sealed in a bag. */
        BAGGED,
        /** In the water itself. */
        OPEN
    }

    /** A plate is dry in its frame after one to two weeks (common practice) [h]. */
    static final double USUAL_FRAME_H = 240;
    /** Rounds it takes when nobody wrote them down (common practice). */
    static final int USUAL_ROUNDS = 3;
    /** As thick as sheets are that still follow the former [mm]; a round number chosen by us. */
    private static final double SHEET_MM = 0.5;
    /** Each round after the first is this long in the water (common practice) [min]. */
    private static final double EACH_ROUND_MIN = 5;
    /** Plates are 3 to 5 mm thick (common practice); beyond this one they are no plates [mm], chosen by us. */
    private static final double THICK_MM = 8;
    /** As hot as water simmers [°C], and what else a search tries. */
    private static final double SIMMERING_C = 96;
    private static final List<Integer> TRIED_ROUNDS = List.of(USUAL_ROUNDS, 5);
    private static final List<Double> TRIED_MINUTES = List.of(10.0, 20.0, 40.0);
    /** A rise of half the span is half a circle. */
    private static final double MOST_RISE = 0.5;

    private static final Setting.Measured RISE = new Setting.Measured("acrossRiseMm", "rise across", Measurement.LENGTH, PhysicalBound.RISE_ACROSS_MM,
            Need.always("Say how far the plate rises across the grain, over its width."));
    private static final Setting.Measured ROUNDS = new Setting.Measured("rounds", "rounds", Measurement.COUNT, PhysicalBound.ROUNDS,
            Need.always("Say how often it is heated and pushed on.")).usually(USUAL_ROUNDS, String.valueOf(USUAL_ROUNDS));
    private static final Setting.Chosen<Between> BETWEEN = new Setting.Chosen<>("between", "between", Between.class, Optional.of(Between.METAL_SHEETS), Need.NEVER);
    private static final Setting.Chosen<Bag> BAG = new Setting.Chosen<>("bag", "in a bag", Bag.class, Optional.of(Bag.BAGGED), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Handling.unstrapped(HotBath.MINUTES, HotBath.BATH, RISE, ROUNDS, BETWEEN, BAG);

    /** Refuses settings no bath and no plate has. */
    public PressedPlate {
        PhysicalBound.BATH_MINUTES.require(heating.minutes());
        PhysicalBound.HOT_BATH_C.require(heating.celsius());
        PhysicalBound.RISE_ACROSS_MM.require(acrossRiseMm);
        PhysicalBound.WIDTH_MM.require(widthMm);
        PhysicalBound.ROUNDS.require(rounds);
        if (handling.carrySeconds() > 0 || handling.strap().isPresent()) {
            throw new IllegalArgumentException("A plate is pressed in its frame: it is not carried, and lies under no strap");
        }
    }

    /** As it is set. */
    static PressedPlate of(Settings settings, double stockWidthMm) {
        return new PressedPlate(Handling.of(settings, stockWidthMm), new Heating(StageKind.HOT_BATH, settings.of(HotBath.MINUTES), settings.of(HotBath.BATH)),
                settings.of(RISE), stockWidthMm, settings.of(ROUNDS).intValue(), settings.of(BETWEEN), settings.of(BAG));
    }

    @Override
    public Settings settings() {
        return handling.before().with(HotBath.MINUTES, heating.minutes()).with(HotBath.BATH, heating.celsius()).with(RISE, acrossRiseMm)
                .with(ROUNDS, (double) rounds).with(BETWEEN, between).with(BAG, bag).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.PRESSED_PLATE;
    }

    /** Never carried and never under a strap, whatever is changed. */
    @Override
    public PressedPlate with(Handling other) {
        return new PressedPlate(other.withCarrySeconds(0).withStrap(Optional.empty()), heating, acrossRiseMm, widthMm, rounds, between, bag);
    }

    @Override
    public PressedPlate with(Heating other) {
        return new PressedPlate(handling, other, acrossRiseMm, widthMm, rounds, between, bag);
    }

    /** The same between something else. */
    public PressedPlate between(Between other) {
        return new PressedPlate(handling, heating, acrossRiseMm, widthMm, rounds, other, bag);
    }

    /** The same rising otherwise across the grain [mm]. */
    public PressedPlate risingMm(double other) {
        return new PressedPlate(handling, heating, other, widthMm, rounds, between, bag);
    }

    @Override
    public PressedPlate onStock(double otherMm) {
        return new PressedPlate(handling, heating, acrossRiseMm, otherMm, rounds, between, bag);
    }

    @Override
    public boolean straps() {
        return false;
    }

    @Override
    public boolean roundStock() {
        return false;
    }

    @Override
    public boolean curvedBothWays() {
        return true;
    }

    @Override
    public Change.Kind longer() {
        return Change.Kind.BATH_LONGER;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_BATH;
    }

    @Override
    public Equipment heater() {
        return Equipment.HOT_TROUGH;
    }

    @Override
    public List<StageKind> stageKinds() {
        return List.of(StageKind.SOAK, StageKind.HOT_BATH, StageKind.FORM, StageKind.RACK);
    }

    /** The curve across the grain. */
    PressedCurve across() {
        return PressedCurve.rising(acrossRiseMm, widthMm);
    }

    /**
     * What the faces are asked along the grain: to follow the bend, and to stretch because the edges are held. Bolted sheets hold the
     * face as a strap of their thickness against hard stops does (common practice), though nobody anchors them, and of the stretch they
     * leave as much as they leave of the bend's own.
     */
    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        Demand bare = HotWood.super.demandIn(condition, blank, bend, physics);
        double stretch = PressedCurve.of(bend).stretch();
        if (between == Between.NOTHING) {
            return bare.stretchedBy(stretch);
        }
        SectionState held = Demand.of(blank, bend, condition, Optional.of(new Strap(StrapMaterial.STEEL, SHEET_MM, widthMm, 0)), physics).state();
        double left = Math.max(0, Math.min(1, held.outerStrain() / bare.state().outerStrain()));
        return bare.held(held).stretchedBy(stretch * left);
    }

    @Override
    public Optional<Demand> atBest(Blank blank, Bend bend) {
        return Optional.of(demandIn(SpeciesCapacity.referenceCondition(Physics.USUAL), blank, bend, Physics.USUAL));
    }

    /** Wet enough, and hot through. */
    @Override
    public List<Cure> cures(Recipe recipe) {
        return List.of(HotWoodAdvice.wetEnough(recipe),
                new Cure(Term.TOO_LITTLE_HEAT, asIs -> atBest(recipe.blank(), recipe.bend()).orElseThrow().withGrainRun(asIs.grainRun())));
    }

    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(HotWood.super.changes(recipe, marks));
        if (between == Between.NOTHING) {
            changes.add(new Change(Change.Kind.METAL_SHEETS, SHEET_MM, at -> at.withMethod(((PressedPlate) at.method()).between(Between.METAL_SHEETS))));
        }
        double flatter = marks.thicknessNoMoreThan(acrossRiseMm - Math.max(marks.thicknessMm(), acrossRiseMm / 10));
        if (PhysicalBound.RISE_ACROSS_MM.holds(flatter)) {
            changes.add(new Change(Change.Kind.FLATTER_ACROSS, flatter, at -> at.withMethod(((PressedPlate) at.method()).risingMm(flatter))));
        }
        return changes;
    }

    @Override
    public Map<String, String> refusals(double thicknessMm, Bend bend) {
        Map<String, String> refused = new LinkedHashMap<>();
        riseRefused(acrossRiseMm, widthMm).ifPresent(sentence -> refused.put(RISE.key(), sentence));
        return refused;
    }

    /** Why a plate of a width [mm] cannot rise so far [mm]; empty where it can. */
    static Optional<String> riseRefused(double riseMm, double widthMm) {
        return riseMm <= MOST_RISE * widthMm ? Optional.empty()
                : Optional.of(String.format(Locale.ROOT, "A plate can rise no more than half its width, %.1f mm.", MOST_RISE * widthMm));
    }

    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = HotWood.super.doubts(recipe, rigC);
        Doubt.above(doubts, Doubt.Kind.THICK_FOR_A_PLATE, recipe.blank().thicknessMm(), THICK_MM);
        return doubts;
    }

    @Override
    public double usualHoldHours() {
        return USUAL_FRAME_H;
    }

    /** The water, and each round to take it out, push it on and bolt it up again. */
    @Override
    public double attentionHours(Recipe recipe) {
        return HotWood.super.attentionHours(recipe) + rounds * EACH_ROUND_MIN / 60;
    }

    /** A former in its frame in place of a form, and somewhere to dry. */
    @Override
    public List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>(HotWood.super.equipment());
        needed.remove(Equipment.FORM);
        needed.add(Equipment.PLATE_FRAME);
        if (between == Between.METAL_SHEETS) {
            needed.add(Equipment.METAL_SHEETS);
        }
        needed.add(Equipment.DRYING_FRAME);
        return needed;
    }

    /** The two curves of the former, what each stretches the plate by, and how long it is in the water each time. */
    @Override
    public Sheet sheet(Recipe recipe) {
        PressedCurve along = PressedCurve.of(recipe.bend());
        PressedCurve across = across();
        double later = Math.min(EACH_ROUND_MIN, heating.minutes() / rounds);
        return Sheet.ofTheCurve(recipe).and(Sheet.Measure.SPAN_ALONG, along.spanMm()).and(Sheet.Measure.RISE_ALONG, along.riseMm())
                .and(Sheet.Measure.RISE_ACROSS, acrossRiseMm).and(Sheet.Measure.RADIUS_ACROSS, across.radiusMm())
                .and(Sheet.Measure.STRETCH_ALONG, along.stretch() * 100).and(Sheet.Measure.STRETCH_ACROSS, across.stretch() * 100)
                .and(Sheet.Measure.ROUNDS, rounds).and(Sheet.Measure.FIRST_HEAT, heating.minutes() - (rounds - 1) * later)
                .and(Sheet.Measure.LATER_HEATS, later);
    }

    /** What a search tries: in a bag, between sheets and without, in few rounds and many. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        double rise = wanted.acrossRiseMm().orElseThrow();
        List<List<Recipe>> plates = new ArrayList<>();
        for (Between lies : Between.values()) {
            for (int rounds : TRIED_ROUNDS) {
                plates.addAll(HotWoodSearch.toTry(wanted, atHand.unsupported(), species, 0, TRIED_MINUTES, (handling, minutes) -> new PressedPlate(handling,
                        new Heating(StageKind.HOT_BATH, minutes, SIMMERING_C), rise, wanted.widthMm(), rounds, lies, Bag.BAGGED)));
            }
        }
        return plates;
    }

    /** The ways a plate fails, before any record. */
    static List<ModeRisk> failureModes() {
        return PressedPlateRisk.modes();
    }
}
