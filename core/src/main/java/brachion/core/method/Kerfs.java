package brachion.core.method;

import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * How a saw is set to cut kerfs into a piece or a ply.
 *
 * @param kerfMm  width of a saw cut [mm]
 * @param webMm   wood left standing under it [mm]
 * @param pitchMm from one cut to the next [mm]
 */
public record Kerfs(double kerfMm, double webMm, double pitchMm) {

    /** As fine as a saw or a ply is set [mm]. */
    static final double STEP_MM = LengthUnit.INCH.millimetres() / 64;
    /** Thinner webs tear at the saw (common practice). */
    private static final double THINNEST_ADVISED_MM = 1;
    private static final double SHOWING_FACET_MM = 0.2;
    private static final double FACET_SPREAD_MM = 0.05;
    private static final double CLOSER = 0.75;
    /** As wide as the cut of a table saw commonly is. */
    static final double USUAL_KERF_MM = 3.2;

    private static final Setting.Measured KERF = new Setting.Measured("kerfMm", "saw kerf", Measurement.LENGTH, PhysicalBound.SAW_KERF_MM,
            Need.always("The width of the saw's cut is needed."));
    private static final Setting.Measured WEB = new Setting.Measured("webMm", "web", Measurement.LENGTH, PhysicalBound.WEB_MM,
            Need.always("Say how much is left standing under the cuts."));
    private static final Setting.Measured PITCH = new Setting.Measured("pitchMm", "pitch", Measurement.LENGTH, PhysicalBound.PITCH_MM,
            Need.always("Say how far it is from one cut to the next."));
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = List.of(KERF, WEB, PITCH);

    /** A way of bending in which a saw cuts kerfs. */
    interface Sawn extends Method {

        /** How the saw is set. */
        Kerfs kerfs();

        /** The same with the saw set otherwise. */
        Method with(Kerfs other);
    }

    /** Refuses cuts no saw makes. */
    public Kerfs {
        PhysicalBound.SAW_KERF_MM.require(kerfMm);
        PhysicalBound.WEB_MM.require(webMm);
        PhysicalBound.PITCH_MM.require(pitchMm);
    }

    /** As it is set. */
    static Kerfs of(Settings settings) {
        return new Kerfs(settings.of(KERF), settings.of(WEB), settings.of(PITCH));
    }

    Settings settings() {
        return Settings.NONE.with(KERF, kerfMm).with(WEB, webMm).with(PITCH, pitchMm);
    }

    /** The cuts of a curve in a piece of a thickness [mm]. */
    KerfCuts cuts(double thicknessMm, Bend bend) {
        return KerfCuts.of(thicknessMm, bend, kerfMm, webMm, pitchMm);
    }

    /**
     * What a web is asked: it is a thin section of its own, bent to the radius at which its faces are strained as they are between the
     * cuts.
     */
    Demand demand(SectionCondition condition, Blank blank, Bend bend, Physics physics) {
        KerfCuts cuts = cuts(blank.thicknessMm(), bend);
        double web = Math.min(webMm, blank.thicknessMm());
        double middle = web / (2 * cuts.webStrain());
        double inner = Math.max(middle - web / 2, PhysicalBound.THICKNESS_MM.lowest());
        BendSection section = new BendSection(blank.species(), condition, web, blank.widthMm(), inner, cuts.eachRad() * (inner + web), Optional.empty(), physics);
        return Demand.of(section, Demand.known(blank.grainRun(), "slope of grain"));
    }

    /** What of it cannot be done to a piece of a thickness [mm] and this curve, as {@link Method#refusals} says it. */
    Map<String, String> refusals(double thicknessMm, Bend bend) {
        Map<String, String> refused = new LinkedHashMap<>();
        if (webMm >= thicknessMm) {
            refused.put(WEB.key(), "A web must be thinner than what is sawn, less than " + mm(thicknessMm) + ".");
            return refused;
        }
        KerfCuts cuts = cuts(thicknessMm, bend);
        if (!cuts.reach()) {
            double least = kerfMm * (bend.innerRadiusMm() + thicknessMm) / (thicknessMm - webMm);
            refused.put(PITCH.key(), "The cuts close before the curve is reached. Set them no further apart than " + mm(Math.floor(least * 10) / 10)
                    + ", or saw them wider than " + mm(Math.ceil(cuts.eachRad() * (thicknessMm - webMm) * 10) / 10) + ".");
        }
        return refused;
    }

    static String mm(double length) {
        return String.format(Locale.ROOT, "%.1f mm", length);
    }

    /** Deeper cuts, and closer ones. */
    List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        double thinner = webMm - STEP_MM;
        if (thinner >= THINNEST_ADVISED_MM) {
            changes.add(change(Change.Kind.DEEPER_CUTS, thinner, kerfs -> kerfs.withWebMm(thinner)));
        }
        double closer = pitchMm * CLOSER;
        if (closer >= kerfMm * 1.5 && PhysicalBound.PITCH_MM.holds(closer)) {
            changes.add(change(Change.Kind.CLOSER_CUTS, closer, kerfs -> new Kerfs(kerfs.kerfMm, kerfs.webMm, closer)));
        }
        return changes;
    }

    private static Change change(Change.Kind kind, double amount, UnaryOperator<Kerfs> of) {
        return new Change(kind, amount, at -> {
            Sawn way = (Sawn) at.method();
            return at.withMethod(way.with(of.apply(way.kerfs())));
        });
    }

    /** The same with a web so many times as thick, within what a saw leaves. */
    Kerfs thickened(double factor) {
        return withWebMm(PhysicalBound.WEB_MM.nearest(webMm * factor));
    }

    private Kerfs withWebMm(double other) {
        return new Kerfs(kerfMm, other, pitchMm);
    }

    /** How easily a piece bends of one stiffness where only webs bridge it, a cut and as much as the web is thick to each side, and of another between. */
    double compliance(double whereCut, double between) {
        double cutShare = Math.min(1, (kerfMm + 2 * webMm) / pitchMm);
        return cutShare / whereCut + (1 - cutShare) / between;
    }

    /** Whether flats show, in light that rakes over the face: logit = (facet − 0.2 mm)/0.05 mm, round numbers chosen by us. */
    static Map<Blemish, Double> blemishes(KerfCuts cuts) {
        return Map.of(Blemish.FACETS, 1 / (1 + Math.exp((SHOWING_FACET_MM - cuts.facetMm()) / FACET_SPREAD_MM)));
    }

    /** A sheet with where the saw goes, in pieces of a thickness [mm]. */
    Sheet on(Sheet sheet, double thicknessMm, KerfCuts cuts) {
        return sheet.and(Sheet.Measure.CUTS, cuts.count()).and(Sheet.Measure.PITCH, pitchMm).and(Sheet.Measure.KERF, kerfMm).and(Sheet.Measure.WEB, webMm)
                .and(Sheet.Measure.CUT_DEPTH, thicknessMm - webMm).and(Sheet.Measure.ANGLE_EACH, Math.toDegrees(cuts.eachRad()))
                .and(Sheet.Measure.ROOM_LEFT, cuts.roomMm()).and(Sheet.Measure.FACET, cuts.facetMm());
    }

    /** Half a minute a cut. */
    static double sawingHours(int cuts) {
        return cuts / 120.0;
    }
}
