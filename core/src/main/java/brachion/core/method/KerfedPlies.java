package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.method.Stiffness.Layer;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Kerfed plies: a lamination of few thick plies for a tight curve. The ply against the form is clean and thin; every other one has
 * kerfs over the bend on the side of the form, about half through, and bends by the webs they leave. A flexible sheet lies over the
 * outermost one while all is glued and clamped (common practice).
 *
 * <p>The stock is what the kerfed plies are sawn of. The clean ply is bent to the form; of the kerfed ones the innermost has the tightest
 * curve. Whichever of the two is nearer to what it bears is what the bend asks.
 *
 * @param glue     the adhesive
 * @param plies    number of plies, the clean one among them
 * @param cleanMm  thickness of the clean ply [mm]
 * @param kerfs    how the saw is set for the others
 * @param clamping how they are closed
 */
public record KerfedPlies(Glue glue, int plies, double cleanMm, Kerfs kerfs, Clamping clamping) implements DryWood, Kerfs.Sawn, GluedPlies {

    /** A clean ply thinner than this is a veneer and tears on the form [mm]; chosen by us. */
    private static final double THINNEST_ADVISED_MM = 1;

    private static final Setting.Measured CLEAN = new Setting.Measured("cleanMm", "clean ply", Measurement.LENGTH, PhysicalBound.THICKNESS_MM,
            Need.always("Say how thick the clean ply against the form is."));
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Stream.of(List.of(ColdLamination.GLUE, ColdLamination.PLIES, CLEAN), Kerfs.SETTINGS, Clamping.SETTINGS)
            .<Setting<?>>flatMap(List::stream).toList();

    /** One clean ply and two with kerfs, where nobody says how many. */
    public static final int USUAL_PLIES = 3;

    private static final List<Double> TRIED_WEBS_MM = List.of(1.6, 2.4);
    private static final List<Double> TRIED_PITCHES_MM = List.of(6.0, 9.0);

    /** Refuses stacks no form takes. */
    public KerfedPlies {
        PhysicalBound.PLIES.require(plies);
        PhysicalBound.THICKNESS_MM.require(cleanMm);
    }

    /** As it is set. */
    static KerfedPlies of(Settings settings, double stockWidthMm) {
        return new KerfedPlies(settings.of(ColdLamination.GLUE), settings.of(ColdLamination.PLIES).intValue(), settings.of(CLEAN), Kerfs.of(settings), Clamping.of(settings));
    }

    /** With clamps nobody wrote anything down about. */
    public KerfedPlies(Glue glue, int plies, double cleanMm, Kerfs kerfs) {
        this(glue, plies, cleanMm, kerfs, Clamping.NOT_SAID);
    }

    @Override
    public Settings settings() {
        return Settings.NONE.with(ColdLamination.GLUE, glue).with(ColdLamination.PLIES, (double) plies).with(CLEAN, cleanMm).and(kerfs.settings()).and(clamping.settings());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.KERFED_PLIES;
    }

    @Override
    public Optional<Glue> gluedWith() {
        return Optional.of(glue);
    }

    @Override
    public KerfedPlies with(Kerfs other) {
        return new KerfedPlies(glue, plies, cleanMm, other, clamping);
    }

    private KerfedPlies withCleanMm(double other) {
        return new KerfedPlies(glue, plies, other, kerfs, clamping);
    }

    private int kerfed() {
        return plies - 1;
    }

    @Override
    public double finishedMm(double stockMm) {
        return cleanMm + kerfed() * stockMm;
    }

    /** The curve of the innermost kerfed ply. */
    private Bend ofTheInnermost(Bend bend) {
        return wider(bend, cleanMm);
    }

    /** The same angle so much further out [mm]; beyond the largest radius there is, it is as good as that. */
    private static Bend wider(Bend bend, double byMm) {
        return new Bend(PhysicalBound.INNER_RADIUS_MM.nearest(bend.innerRadiusMm() + byMm), bend.angleDegrees());
    }

    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        Demand clean = Demand.of(blank.withThicknessMm(cleanMm), bend, condition, Optional.empty(), physics);
        Demand web = kerfs.demand(condition, blank, ofTheInnermost(bend), physics);
        return web.tensionRatio() > clean.tensionRatio() ? web : clean;
    }

    @Override
    public Map<String, String> refusals(double stockMm, Bend bend) {
        Map<String, String> refused = new LinkedHashMap<>(kerfs.refusals(stockMm, ofTheInnermost(bend)));
        if (cleanMm > stockMm) {
            refused.put(CLEAN.key(), "The clean ply is no thicker than the others, up to " + Kerfs.mm(stockMm) + ".");
        }
        return refused;
    }

    /** As of any stack, and flats on the outermost ply. */
    @Override
    public Map<Blemish, Double> blemishes(Recipe recipe) {
        double stock = recipe.blank().thicknessMm();
        Map<Blemish, Double> all = new EnumMap<>(GlueUp.BLEMISHES);
        all.putAll(Kerfs.blemishes(kerfs.cuts(stock, wider(recipe.bend(), finishedMm(stock) - stock))));
        return all;
    }

    @Override
    public double stiffestPlyMm(double stockMm) {
        return Math.max(cleanMm, Math.cbrt(12 * ofSawn(stockMm)));
    }

    /** A sawn ply bends as easily as its webs and the wood between them, one after the other. */
    private double ofSawn(double stockMm) {
        return 1 / kerfs.compliance(Stiffness.of(Math.min(kerfs.webMm(), stockMm)), Stiffness.of(stockMm));
    }

    /**
     * The moment all plies have on the form, each by itself, over what holds it once the glue has set: where there are cuts, the clean ply
     * and all webs as flanges of one beam, for the share of the length that is cut, as if the cuts of all plies lay one over the other; the whole
     * section between them (composite beam, as in any strength-of-materials text). Plies without cuts lose Σt_i³/(Σt_i)³ by it, 1/n² of
     * n equal ones.
     */
    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        double stock = blank.thicknessMm();
        double web = Math.min(kerfs.webMm(), stock);
        List<Layer> flanges = new ArrayList<>(List.of(new Layer(0, cleanMm)));
        for (int ply = 1; ply <= kerfed(); ply++) {
            flanges.add(new Layer(cleanMm + ply * stock - web, cleanMm + ply * stock));
        }
        double moment = Stiffness.of(cleanMm) + kerfed() * ofSawn(stock);
        return new Springback(moment * kerfs.compliance(Stiffness.together(flanges), Stiffness.of(finishedMm(stock))), Optional.empty());
    }

    /** What is sawn, and a thinner clean ply, for which the others get thicker. */
    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(kerfs.changes());
        double thinner = cleanMm - Kerfs.STEP_MM;
        double thicker = recipe.blank().thicknessMm() + Kerfs.STEP_MM / kerfed();
        if (thinner >= THINNEST_ADVISED_MM && PhysicalBound.THICKNESS_MM.holds(thicker)) {
            changes.add(new Change(Change.Kind.THINNER_CLEAN_PLY, thinner, at -> at.withBlank(at.blank().withThicknessMm(thicker))
                    .withMethod(((KerfedPlies) at.method()).withCleanMm(thinner))));
        }
        return changes;
    }

    /** It is the clean ply and the webs that are made thicker or thinner. */
    @Override
    public Recipe thickened(Recipe recipe, Marks marks, double factor) {
        return recipe.withMethod(with(kerfs.thickened(factor)).withCleanMm(PhysicalBound.THICKNESS_MM.nearest(cleanMm * factor)));
    }

    /** A gluing of its plies, and half a minute for each cut in each of them. */
    @Override
    public double attentionHours(Recipe recipe) {
        return ColdLamination.gluingHours(plies) + Kerfs.sawingHours(cutsInEach(recipe) * kerfed());
    }

    /** All are sawn alike, with as many cuts as the outermost needs. */
    private int cutsInEach(Recipe recipe) {
        double stock = recipe.blank().thicknessMm();
        return kerfs.cuts(stock, wider(recipe.bend(), finishedMm(stock) - stock)).count();
    }

    @Override
    public List<Equipment> equipment() {
        return List.of(Equipment.RIPPING, Equipment.KERF_SAW, Equipment.FORM, Equipment.GLUING, Equipment.BACKING_SHEET);
    }

    /** Plies and glue, and where the saw goes: as many cuts as the outermost ply needs, each closing as those of the innermost. */
    @Override
    public Sheet sheet(Recipe recipe) {
        double stock = recipe.blank().thicknessMm();
        KerfCuts cuts = kerfs.cuts(stock, ofTheInnermost(recipe.bend()));
        Sheet glueUp = GlueUp.of(recipe, glue, plies).sheet(recipe, plies).and(Sheet.Measure.CLEAN_PLY, cleanMm);
        return kerfs.on(glueUp, stock, cuts.counting(cutsInEach(recipe)));
    }

    @Override
    public List<Doubt> doubts(Recipe recipe, OptionalDouble rigC) {
        return Doubt.ofTheGlue(GlueUp.of(recipe, glue, plies));
    }

    /** What a search tries: three plies, the thinnest there is against the form, webs and pitches a saw can be set to, of kiln-dried stock. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        List<Recipe> sawn = new ArrayList<>();
        double clean = atHand.pliesMm().stream().mapToDouble(Double::doubleValue).min().orElse(0);
        double stock = Layup.ofKerfedPlies(wanted.thicknessMm(), USUAL_PLIES, clean).plyMm();
        if (!PhysicalBound.THICKNESS_MM.holds(clean) || !PhysicalBound.THICKNESS_MM.holds(stock)) {
            return List.of();
        }
        Blank ply = wanted.goodStock(species, Seasoning.KILN_DRIED, stock);
        for (double web : TRIED_WEBS_MM) {
            for (double pitch : TRIED_PITCHES_MM) {
                KerfedPlies way = new KerfedPlies(Glue.PVA, USUAL_PLIES, clean, new Kerfs(Kerfs.USUAL_KERF_MM, web, pitch));
                if (way.refusals(stock, wanted.bend()).isEmpty()) {
                    sawn.add(wanted.by(ply, way));
                }
            }
        }
        return List.of(sawn);
    }
}
