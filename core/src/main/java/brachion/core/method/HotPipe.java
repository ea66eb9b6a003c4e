package brachion.core.method;

import brachion.core.physics.Physics;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Hot-pipe bending: thin stock is rocked over a hot pipe and bent on it as it gives, so nothing is carried. The face
 * against the pipe gets soft first; the rest, cooler and stiffer, holds the outer face like a strap until the heat has gone
 * through (common practice: by hand up to about 3 mm).
 *
 * @param handling soak, back strap and hold; never a carry
 * @param heating  minutes at one place and temperature of the pipe
 * @param contact  how the inner face lies against it
 * @param by       what it is bent with
 */
public record HotPipe(Handling handling, Heating heating, Stage.Contact contact, By by) implements HotWood {

    /** What it is bent with. */
    public enum By {
        /** Hands. */
        HANDS,
        /** A board with a lever and stops. */
        LEVER_BOARD
    }

    /** Whether the face against the pipe is kept wet. */
    public enum Face {
        /** Wetted again and again. */
        WETTED,
        /** Left as it is. */
        DRY
    }

    /** As hot as water breaks up and dances on it instead of sitting or skating (common practice) [°C]. */
    private static final double DANCING_C = 130;
    /** Share of the time a place touches the pipe while the strip is rocked [%]; a round number chosen by us. */
    private static final double ROCKED_PERCENT = 15;
    /** Water skates on its own vapour on metal from about here on (published), and dry wood scorches [°C]. */
    private static final double SCORCHING_C = 190;
    /** How the odds of a scorch rise with temperature and dryness; round numbers chosen by us. */
    private static final double SCORCH_EACH_C = 12;
    private static final double SCORCH_EACH_PERCENT = 0.05;
    private static final double USUAL_MOISTURE = 12;
    /** By hand it works up to an eighth of an inch (common practice) [mm]. */
    private static final double BY_HAND_MM = 3.2;
    /** Length of a strip that is worked at once on a pipe of common size [mm]; a round number chosen by us. */
    private static final double TOUCHED_MM = 40;

    private static final Setting.Measured MINUTES = new Setting.Measured("pipeMinutes", "on the pipe", Measurement.MINUTES,
            PhysicalBound.PIPE_MINUTES, Need.always("Time on the pipe at one place is needed."));
    private static final Setting.Measured PIPE = new Setting.Measured("pipeC", "pipe", Measurement.TEMPERATURE, PhysicalBound.PIPE_C,
            Need.always("Pipe temperature is needed.")).usually(DANCING_C, "130 °C");
    private static final Setting.Measured CONTACT = new Setting.Measured("contactPercent", "contact", Measurement.SHARE,
            PhysicalBound.CONTACT_PERCENT, Need.always("Say for what share of the time a place touches the pipe."))
            .usually(ROCKED_PERCENT, "15 %, rocked");
    private static final Setting.Chosen<Face> FACE = new Setting.Chosen<>("face", "face on the pipe", Face.class, Optional.of(Face.WETTED), Need.NEVER);
    private static final Setting.Chosen<By> BY = new Setting.Chosen<>("by", "bent by", By.class, Optional.of(By.HANDS), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Handling.settings(MINUTES, PIPE, CONTACT, FACE, BY);

    private static final List<Double> MINUTES_TO_TRY = List.of(1.0, 2.0, 3.0, 5.0);

    /** Refuses settings no pipe has. */
    public HotPipe {
        PhysicalBound.PIPE_MINUTES.require(heating.minutes());
        PhysicalBound.PIPE_C.require(heating.celsius());
        PhysicalBound.CONTACT_PERCENT.require(contact.share() * 100);
        if (handling.carrySeconds() > 0) {
            throw new IllegalArgumentException("A piece is bent on the pipe and not carried, not for " + handling.carrySeconds() + " s");
        }
    }

    /** As it is set. */
    static HotPipe of(Settings settings, double stockWidthMm) {
        return new HotPipe(Handling.of(settings, stockWidthMm), new Heating(StageKind.HOT_PIPE, settings.of(MINUTES), settings.of(PIPE)),
                new Stage.Contact(settings.of(CONTACT) / 100, settings.of(FACE) == Face.WETTED), settings.of(BY));
    }

    @Override
    public Settings settings() {
        return handling.before().with(MINUTES, heating.minutes()).with(PIPE, heating.celsius()).with(CONTACT, contact.share() * 100)
                .with(FACE, contact.wetted() ? Face.WETTED : Face.DRY).with(BY, by).and(handling.after());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.HOT_PIPE;
    }

    /** Nothing is carried, whatever is changed. */
    @Override
    public HotPipe with(Handling other) {
        return new HotPipe(other.withCarrySeconds(0), heating, contact, by);
    }

    @Override
    public HotPipe with(Heating other) {
        return new HotPipe(handling, other, contact, by);
    }

    @Override
    public double fullHeatC() {
        return DANCING_C;
    }

    @Override
    public Change.Kind longer() {
        return Change.Kind.PIPE_LONGER;
    }

    @Override
    public double longestAdvisedMinutes() {
        return PhysicalBound.PIPE_MINUTES.highest();
    }

    @Override
    public Equipment heater() {
        return Equipment.HOT_PIPE;
    }

    @Override
    public Change.Kind hotter() {
        return Change.Kind.HOTTER_PIPE;
    }

    @Override
    public List<Stage> stages() {
        List<Stage> stages = new ArrayList<>(handling.soak());
        stages.add(heating.stage().touching(contact));
        return stages;
    }

    @Override
    public List<StageKind> stageKinds() {
        return List.of(StageKind.SOAK, StageKind.HOT_PIPE, StageKind.FORM, StageKind.RACK);
    }

    /** A pipe is hotter than water boils, and meant to be; too hot it scorches. */
    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = new ArrayList<>();
        Doubt.above(doubts, Doubt.Kind.SCORCHING_PIPE, heating.celsius(), SCORCHING_C);
        if (by == By.HANDS) {
            Doubt.above(doubts, Doubt.Kind.THICK_FOR_A_PIPE, recipe.blank().thicknessMm(), BY_HAND_MM);
        }
        return doubts;
    }

    /** Thin stock against hot metal is soft in minutes, and no rule times it. */
    @Override
    public boolean quickerThanSchools(Blank blank) {
        return false;
    }

    @Override
    public boolean heatedByZones() {
        return true;
    }

    /** With its cool back a strip may ask less of its faces than one that is soft all through. */
    @Override
    public Optional<Demand> atBest(Blank blank, Bend bend) {
        return Optional.empty();
    }

    /** Each place of the bend is worked in turn, as wide as the pipe touches. */
    @Override
    public double attentionHours(Recipe recipe) {
        double places = Math.max(1, heatedMm(recipe) / TOUCHED_MM);
        return SETTING_UP_H + places * heating.minutes() / 60;
    }

    private static double heatedMm(Recipe recipe) {
        return Math.toRadians(recipe.bend().angleDegrees()) * (recipe.bend().innerRadiusMm() + recipe.blank().thicknessMm() / 2);
    }

    /** The faces when it bends, followed without edges; where nobody measured the moisture, of the most ordinary stock. */
    private SimulationCache.End faces(Recipe recipe) {
        Blank blank = recipe.blank();
        Blank known = blank.moisturePercent().isPresent() ? blank : blank.withMoisturePercent(blank.seasoning().meanMoisturePercent());
        return SimulationCache.SHARED.end(HotWood.piece(known, recipe.shop()).withoutEdges(), stagesIn(recipe.shop()), Physics.USUAL);
    }

    /** The face on the pipe scorches: logit = (T − 190 °C)/12 K + 0.05·(12 % − M). */
    @Override
    public Map<Blemish, Double> blemishes(Recipe recipe) {
        SimulationCache.End faces = faces(recipe);
        double logit = (faces.innerFaceC() - SCORCHING_C) / SCORCH_EACH_C + SCORCH_EACH_PERCENT * (USUAL_MOISTURE - faces.condition().moisturePercent(0));
        return Map.of(Blemish.SCORCH, 1 / (1 + Math.exp(-logit)));
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        SimulationCache.End faces = faces(recipe);
        return Sheet.ofTheCurve(recipe).and(Sheet.Measure.HEATED_LENGTH, heatedMm(recipe)).and(Sheet.Measure.INNER_FACE, faces.innerFaceC())
                .and(Sheet.Measure.OUTER_FACE, faces.outerFaceC()).and(Sheet.Measure.SCORCH, 100 * blemishes(recipe).get(Blemish.SCORCH));
    }

    /** What a search tries: rocked over a pipe on which drops dance, its face wetted. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return HotWoodSearch.toTry(wanted, atHand, species, 0, MINUTES_TO_TRY, (handling, minutes) -> new HotPipe(handling,
                new Heating(StageKind.HOT_PIPE, minutes, DANCING_C), new Stage.Contact(ROCKED_PERCENT / 100, true), By.HANDS));
    }
}
