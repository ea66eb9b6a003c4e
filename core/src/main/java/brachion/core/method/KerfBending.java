package brachion.core.method;

import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Kerf bending: saw cuts across the inner face leave a thin web at the outer face, which bends cold and dry while the cuts
 * close. The piece is always glued to a backer, or the cuts are filled, because a web alone holds no curve (common practice).
 *
 * @param kerfMm   width of a saw cut [mm]
 * @param webMm    wood left standing under it [mm]
 * @param pitchMm  from one cut to the next [mm]
 * @param board    what it is sawn in
 * @param backerMm thickness of the strip glued across the cuts [mm]; empty when there is none
 */
public record KerfBending(double kerfMm, double webMm, double pitchMm, Board board, Optional<Double> backerMm) implements DryWood {

    /** What the cuts are sawn in. */
    public enum Board {
        /** Solid wood. */
        SOLID,
        /** Plywood, where the web is the outer ply. */
        PLYWOOD
    }

    private static final double STEP_MM = LengthUnit.INCH.millimetres() / 64;
    /** Thinner webs tear at the saw (common practice). */
    private static final double THINNEST_ADVISED_MM = 1;
    private static final double CLOSER = 0.75;

    private static final Setting.Measured KERF = new Setting.Measured("kerfMm", "saw kerf", Measurement.LENGTH, PhysicalBound.SAW_KERF_MM,
            Need.always("The width of the saw's cut is needed."));
    private static final Setting.Measured WEB = new Setting.Measured("webMm", "web", Measurement.LENGTH, PhysicalBound.WEB_MM,
            Need.always("Say how much is left standing under the cuts."));
    private static final Setting.Measured PITCH = new Setting.Measured("pitchMm", "pitch", Measurement.LENGTH, PhysicalBound.PITCH_MM,
            Need.always("Say how far it is from one cut to the next."));
    private static final Setting.Chosen<Board> BOARD = new Setting.Chosen<>("board", "sawn in", Board.class, Optional.of(Board.SOLID), Need.NEVER);
    private static final Setting.Measured BACKER = new Setting.Measured("backerMm", "backer", Measurement.LENGTH, PhysicalBound.BACKER_MM,
            Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = List.of(KERF, WEB, PITCH, BOARD, BACKER);

    private static final List<Double> WEBS_MM = List.of(1.2, 1.6, 2.4, 3.2);
    private static final List<Double> PITCHES_MM = List.of(6.0, 9.0, 12.0, 18.0);
    private static final double USUAL_KERF_MM = 3.2;
    private static final double USUAL_BACKER_MM = 3.2;

    /** Refuses cuts no saw makes. */
    public KerfBending {
        PhysicalBound.SAW_KERF_MM.require(kerfMm);
        PhysicalBound.WEB_MM.require(webMm);
        PhysicalBound.PITCH_MM.require(pitchMm);
        backerMm.ifPresent(PhysicalBound.BACKER_MM::require);
    }

    /** As it is set. */
    static KerfBending of(Settings settings, double stockWidthMm) {
        return new KerfBending(settings.of(KERF), settings.of(WEB), settings.of(PITCH), settings.of(BOARD), settings.find(BACKER));
    }

    @Override
    public Settings settings() {
        return Settings.NONE.with(KERF, kerfMm).with(WEB, webMm).with(PITCH, pitchMm).with(BOARD, board).with(BACKER, backerMm);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.KERF_BENDING;
    }

    /** The cuts of a curve in a piece. */
    public KerfCuts cuts(Blank blank, Bend bend) {
        return KerfCuts.of(blank.thicknessMm(), bend, kerfMm, webMm, pitchMm);
    }

    /** A web is a thin section of its own, bent to the radius at which its faces are strained as they are between the cuts. */
    @Override
    public Demand demandIn(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        KerfCuts cuts = cuts(blank, bend);
        double web = Math.min(webMm, blank.thicknessMm());
        double middle = web / (2 * cuts.webStrain());
        double inner = Math.max(middle - web / 2, PhysicalBound.THICKNESS_MM.lowest());
        BendSection section = new BendSection(blank.species(), condition, web, blank.widthMm(), inner,
                cuts.eachRad() * (inner + web), Optional.empty(), physics);
        return Demand.of(section, Demand.known(blank.grainRun(), "slope of grain"));
    }

    @Override
    public Map<String, String> refusals(double thickness, Bend bend) {
        Map<String, String> refused = new LinkedHashMap<>();
        if (webMm >= thickness) {
            refused.put(WEB.key(), "A web must be thinner than the piece, less than " + mm(thickness) + ".");
            return refused;
        }
        KerfCuts cuts = KerfCuts.of(thickness, bend, kerfMm, webMm, pitchMm);
        if (!cuts.reach()) {
            double least = kerfMm * bend.outerArcMm(thickness) / (Math.toRadians(bend.angleDegrees()) * (thickness - webMm));
            refused.put(PITCH.key(), "The cuts close before the curve is reached. Set them no further apart than " + mm(Math.floor(least * 10) / 10)
                    + ", or saw them wider than " + mm(Math.ceil(cuts.eachRad() * (thickness - webMm) * 10) / 10) + ".");
        }
        return refused;
    }

    private static String mm(double length) {
        return String.format(Locale.ROOT, "%.1f mm", length);
    }

    /**
     * The moment in webs and backer over what holds it once the glue has set: between the blocks, web and backer work together
     * as the two flanges of a beam as deep as the piece, and that compliance counts for the share of the length that is cut
     * (composite beam, as in any strength-of-materials text). Without a backer nothing holds a web but itself.
     */
    @Override
    public Springback springback(Blank blank, Bend bend, Shop shop, Demand demand) {
        double thickness = blank.thicknessMm();
        double web = Math.min(webMm, thickness);
        double backer = backerMm.orElse(0.0);
        KerfCuts cuts = cuts(blank, bend);
        double curvature = 1 / (bend.innerRadiusMm() + thickness / 2);
        double apart = thickness - web / 2 + backer / 2;
        double cut = cubed(web) / 12 + cubed(backer) / 12 + (backer > 0 ? web * backer / (web + backer) * apart * apart : 0);
        double solid = cubed(thickness + backer) / 12;
        double cutShare = Math.min(1, (kerfMm + 2 * web) / pitchMm);
        double moment = cubed(web) / 12 / cuts.webRadiusMm() + cubed(backer) / 12 / Math.max(bend.innerRadiusMm() - backer / 2, backer);
        return new Springback(moment * (cutShare / cut + (1 - cutShare) / solid) / curvature, Optional.empty());
    }

    private static double cubed(double length) {
        return length * length * length;
    }

    @Override
    public List<Change> changes(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>();
        double thinner = webMm - STEP_MM;
        if (thinner >= THINNEST_ADVISED_MM) {
            changes.add(new Change(Change.Kind.DEEPER_CUTS, thinner, 1, at -> at.withMethod(((KerfBending) at.method()).withWebMm(thinner))));
        }
        double closer = pitchMm * CLOSER;
        if (closer >= kerfMm * 1.5) {
            changes.add(new Change(Change.Kind.CLOSER_CUTS, closer, 2, at -> at.withMethod(((KerfBending) at.method()).withPitchMm(closer))));
        }
        return changes;
    }

    /** It is the web that is made thicker or thinner. */
    @Override
    public Recipe thickened(Recipe recipe, Marks marks, double factor) {
        return recipe.withMethod(withWebMm(PhysicalBound.WEB_MM.nearest(webMm * factor)));
    }

    /** The same cuts with another web [mm]. */
    public KerfBending withWebMm(double other) {
        return new KerfBending(kerfMm, other, pitchMm, board, backerMm);
    }

    /** The same cuts as far apart as given [mm]. */
    public KerfBending withPitchMm(double other) {
        return new KerfBending(kerfMm, webMm, other, board, backerMm);
    }

    @Override
    public Sheet sheet(Recipe recipe) {
        KerfCuts cuts = cuts(recipe.blank(), recipe.bend());
        return Sheet.ofTheCurve(recipe).and(Sheet.Measure.CUTS, cuts.count()).and(Sheet.Measure.PITCH, pitchMm)
                .and(Sheet.Measure.KERF, kerfMm).and(Sheet.Measure.WEB, webMm).and(Sheet.Measure.CUT_DEPTH, recipe.blank().thicknessMm() - webMm).and(Sheet.Measure.ANGLE_EACH, Math.toDegrees(cuts.eachRad()))
                .and(Sheet.Measure.ROOM_LEFT, cuts.roomMm()).and(Sheet.Measure.FACET, cuts.facetMm());
    }

    /** Three quarters of an hour to set the saw, bend and glue, and half a minute a cut. */
    @Override
    public double attentionHours(Recipe recipe) {
        return 0.75 + cuts(recipe.blank(), recipe.bend()).count() / 120.0;
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
        List<Covariate> ofTheWeb = Covariate.ofTheWood(List.of(Covariate.undecided(Term.PLYWOOD,
                recipe -> Covariate.indicator(((KerfBending) recipe.method()).board() == Board.PLYWOOD))));
        return List.of(ModeRisk.ofTheWood(FailureMode.TENSION, ofTheWeb, List.of()),
                ModeRisk.ofTheWood(FailureMode.COMPRESSION, Covariate.ofTheWood(List.of()), List.of()));
    }

    /** What a search tries: webs and pitches a saw can be set to, of kiln-dried stock. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        Blank blank = wanted.goodStock(species, Seasoning.KILN_DRIED, wanted.thicknessMm());
        List<Recipe> cut = new ArrayList<>();
        for (double web : WEBS_MM) {
            for (double pitch : PITCHES_MM) {
                KerfBending way = new KerfBending(USUAL_KERF_MM, web, pitch, Board.SOLID, Optional.of(USUAL_BACKER_MM));
                if (way.refusals(wanted.thicknessMm(), wanted.bend()).isEmpty()) {
                    cut.add(wanted.by(blank, way));
                }
            }
        }
        return List.of(cut);
    }
}
