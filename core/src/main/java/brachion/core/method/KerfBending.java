package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.method.Stiffness.Layer;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Kerf bending: saw cuts across the inner face leave a thin web at the outer face, which bends cold and dry while the cuts
 * close. The piece is always glued to a backer, or the cuts are filled, because a web alone holds no curve (common practice).
 *
 * @param kerfs    how the saw is set
 * @param board    what it is sawn in
 * @param backerMm thickness of the strip glued across the cuts [mm]; empty when there is none
 */
public record KerfBending(Kerfs kerfs, Board board, Optional<Double> backerMm) implements DryWood, Kerfs.Sawn {

    /** What the cuts are sawn in. */
    public enum Board {
        /** Solid wood. */
        SOLID,
        /** Plywood with an outer ply of that wood, which is the web. */
        PLYWOOD
    }

    private static final Setting.Chosen<Board> BOARD = new Setting.Chosen<>("board", "sawn in", Board.class, Optional.of(Board.SOLID), Need.NEVER);
    private static final Setting.Measured BACKER = new Setting.Measured("backerMm", "backer", Measurement.LENGTH, PhysicalBound.BACKER_MM,
            Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = Stream.concat(Kerfs.SETTINGS.stream(), Stream.of(BOARD, BACKER)).toList();

    private static final List<Double> WEBS_MM = List.of(1.2, 1.6, 2.4, 3.2);
    private static final List<Double> PITCHES_MM = List.of(6.0, 9.0, 12.0, 18.0);
    private static final double USUAL_BACKER_MM = 3.2;

    /** Refuses backers nobody glues on. */
    public KerfBending {
        backerMm.ifPresent(PhysicalBound.BACKER_MM::require);
    }

    /** As it is set. */
    static KerfBending of(Settings settings, double stockWidthMm) {
        return new KerfBending(Kerfs.of(settings), settings.of(BOARD), settings.find(BACKER));
    }

    @Override
    public KerfBending with(Kerfs other) {
        return new KerfBending(other, board, backerMm);
    }

    @Override
    public Settings settings() {
        return kerfs.settings().with(BOARD, board).with(BACKER, backerMm);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.KERF_BENDING;
    }

    /** The cuts of a curve in a piece. */
    public KerfCuts cuts(Blank blank, Bend bend) {
        return kerfs.cuts(blank.thicknessMm(), bend);
    }

    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        return kerfs.demand(condition, blank, bend, physics);
    }

    @Override
    public Map<String, String> refusals(double thickness, Bend bend) {
        return kerfs.refusals(thickness, bend);
    }

    /**
     * The moment in webs and backer over what holds it once the glue has set: between the blocks, web and backer work together
     * as the two flanges of a beam as deep as the piece, and that compliance counts for the share of the length that is cut
     * (composite beam, as in any strength-of-materials text). Without a backer nothing holds a web but itself.
     */
    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        double thickness = blank.thicknessMm();
        double web = Math.min(kerfs.webMm(), thickness);
        double backer = backerMm.orElse(0.0);
        KerfCuts cuts = cuts(blank, bend);
        double curvature = 1 / (bend.innerRadiusMm() + thickness / 2);
        double flanges = Stiffness.together(List.of(new Layer(-backer, 0), new Layer(thickness - web, thickness)));
        double moment = Stiffness.of(web) / cuts.webRadiusMm() + Stiffness.of(backer) / Math.max(bend.innerRadiusMm() - backer / 2, backer);
        return new Springback(moment * kerfs.compliance(flanges, Stiffness.of(thickness + backer)) / curvature, Optional.empty());
    }

    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        return kerfs.changes();
    }

    /** It is the web that is made thicker or thinner. */
    @Override
    public Recipe thickened(Recipe recipe, Marks marks, double factor) {
        return recipe.withMethod(with(kerfs.thickened(factor)));
    }

    @Override
    public Map<Blemish, Double> blemishes(Recipe recipe) {
        return Kerfs.blemishes(cuts(recipe.blank(), recipe.bend()));
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        return kerfs.on(Sheet.ofTheCurve(recipe), recipe.blank().thicknessMm(), cuts(recipe.blank(), recipe.bend()));
    }

    /** Three quarters of an hour to set the saw, bend and glue, and half a minute a cut. */
    @Override
    public double attentionHours(Recipe recipe) {
        return 0.75 + Kerfs.sawingHours(cuts(recipe.blank(), recipe.bend()).count());
    }

    @Override
    public List<Equipment> equipment() {
        List<Equipment> needed = new ArrayList<>(List.of(Equipment.KERF_SAW, Equipment.FORM));
        if (backerMm.isPresent()) {
            needed.addAll(List.of(Equipment.BACKER, Equipment.GLUING));
        }
        return needed;
    }

    /** The ways a web fails, before any record. */
    static List<ModeRisk> failureModes() {
        List<Covariate> ofTheWeb = Covariate.ofStretchedWood(List.of(Covariate.plywood(
                recipe -> recipe.blank().species().panel() || ((KerfBending) recipe.method()).board() == Board.PLYWOOD)));
        return List.of(ModeRisk.ofTheWood(FailureMode.TENSION, ofTheWeb, List.of()),
                ModeRisk.ofTheWood(FailureMode.COMPRESSION, Covariate.ofSqueezedWood(List.of()), List.of()));
    }

    /** What a search tries: webs and pitches a saw can be set to, of kiln-dried stock. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        if (!wanted.inOnePiece()) {
            return List.of();
        }
        Blank blank = wanted.goodStock(species, Seasoning.KILN_DRIED, wanted.thicknessMm());
        List<Recipe> cut = new ArrayList<>();
        for (double web : WEBS_MM) {
            for (double pitch : PITCHES_MM) {
                KerfBending way = new KerfBending(new Kerfs(Kerfs.USUAL_KERF_MM, web, pitch), Board.SOLID, Optional.of(USUAL_BACKER_MM));
                if (way.refusals(wanted.thicknessMm(), wanted.bend()).isEmpty()) {
                    cut.add(wanted.by(blank, way));
                }
            }
        }
        return List.of(cut);
    }
}
