package brachion.core.method;

import brachion.core.process.Shop;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Cold lamination: thin dry plies, glue between, clamped to a form until cured. Each ply bends by itself while the
 * glue is wet, so the ply against the form, at the tightest radius, is the one that decides.
 *
 * @param glue     the adhesive
 * @param plies    number of plies
 * @param clamping how they are closed
 */
public record ColdLamination(Glue glue, int plies, Clamping clamping) implements DryWood, GluedPlies {

    /** What holds the plies together. */
    static final Setting.Chosen<Glue> GLUE = new Setting.Chosen<>("glue", "glue", Glue.class, Optional.empty(),
            Need.always("Choose a glue."));
    /** How many there are. */
    static final Setting.Measured PLIES = new Setting.Measured("plies", "plies", Measurement.COUNT, PhysicalBound.PLIES,
            Need.always("The number of plies is needed."));
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Stream.concat(Stream.of(GLUE, PLIES), Clamping.SETTINGS.stream()).toList();

    /** Refuses stacks no form takes. */
    public ColdLamination {
        PhysicalBound.PLIES.require(plies);
    }

    /** With clamps nobody wrote anything down about. */
    public ColdLamination(Glue glue, int plies) {
        this(glue, plies, Clamping.NOT_SAID);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.COLD_LAMINATION;
    }

    /** As it is set. */
    static ColdLamination of(Settings settings, double stockWidthMm) {
        return new ColdLamination(settings.of(GLUE), settings.of(PLIES).intValue(), Clamping.of(settings));
    }

    @Override
    public Optional<Glue> gluedWith() {
        return Optional.of(glue);
    }

    @Override
    public Settings settings() {
        return Settings.NONE.with(GLUE, glue).with(PLIES, (double) plies).and(clamping.settings());
    }

    /** n equal plies glued at curvature κ keep κ(1 − 1/n²): elastic, exact for a rigid glue line. */
    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        return new Springback(1.0 / ((double) plies * plies), Optional.empty());
    }

    @Override
    public List<Recipe> inOtherPlies(Recipe recipe) {
        return Layup.ofTheSameSection(recipe, plies, this::withPlies);
    }

    /** The same lamination with another number of plies. */
    public ColdLamination withPlies(int other) {
        return new ColdLamination(glue, other, clamping);
    }

    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        return Change.morePlies(recipe, plies, (at, more) -> ((ColdLamination) at).withPlies(more));
    }

    @Override
    public double finishedMm(double stockMm) {
        return stockMm * plies;
    }

    @Override
    public double attentionHours(Recipe recipe) {
        return gluingHours(plies);
    }

    /** Ripping, spreading and clamping: an hour, and three minutes a ply. */
    static double gluingHours(int plies) {
        return 1 + plies * 0.05;
    }

    @Override
    public List<Equipment> equipment() {
        return List.of(Equipment.RIPPING, Equipment.FORM, Equipment.GLUING);
    }

    /** The ways plies and glue lines fail, before any record. */
    static List<ModeRisk> failureModes() {
        return ColdLaminationRisk.modes();
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        return GlueUp.of(recipe, glue, plies).sheet(recipe, plies);
    }

    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        return Doubt.ofTheGlue(GlueUp.of(recipe, glue, plies));
    }

    /** What a search tries: each ply at hand, as many as come nearest to the finished thickness, of kiln-dried stock. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        return List.of(Layup.ofPliesAtHand(wanted, atHand).stream().map(layup -> wanted.by(
                wanted.goodStock(species, Seasoning.KILN_DRIED, layup.plyMm()), new ColdLamination(Glue.PVA, layup.plies()))).toList());
    }
}
