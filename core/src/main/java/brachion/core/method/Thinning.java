package brachion.core.method;

import brachion.core.bending.Outline;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Local thinning: a piece is shaved to a second section where it bends, and keeps its thickness beyond (common practice).
 *
 * @param thicknessMm thickness it is shaved to [mm]
 * @param overMm      length over which it is [mm]
 * @param shaped      outline it is shaved to there, where that is not its own
 */
public record Thinning(double thicknessMm, double overMm, Optional<Outline> shaped) {

    /** How much further than the bend it is thinned: half as much at each end (common practice). */
    private static final double HALF_A_BEND_BEYOND = 2;
    /** Share of a bend that must be thick for the whole thickness to count in full; a round number chosen by us. */
    private static final double WHOLE_FROM = 0.5;

    private static final String OVER_MISSING = "Say over what length it is thinned.";
    private static final Setting.Measured TO = to(Need.NEVER);
    private static final Setting.Measured OVER = over(Need.with(TO, OVER_MISSING, "Say how thick it is where it bends."));
    /** What is set about a way whose stock always is thinned: to what thickness. */
    static final Setting.Measured ALWAYS_TO = to(Need.always("Say how thick it is where it bends; its own thickness when it is not thinned."));
    /** And over what length. */
    static final Setting.Measured ALWAYS_OVER = over(Need.always(OVER_MISSING));

    /** Refuses sizes no bench has seen. */
    public Thinning {
        PhysicalBound.THICKNESS_MM.require(thicknessMm);
        PhysicalBound.THINNED_OVER_MM.require(overMm);
    }

    /** Length over which a bend is usually thinned to a thickness [mm]. */
    static double usualOverMm(Bend bend, double thicknessMm) {
        return PhysicalBound.THINNED_OVER_MM.nearest(HALF_A_BEND_BEYOND * bend.outerArcMm(thicknessMm));
    }

    private static Setting.Measured to(Need need) {
        return new Setting.Measured("thinnedMm", "thinned to", Measurement.LENGTH, PhysicalBound.THICKNESS_MM, need);
    }

    private static Setting.Measured over(Need need) {
        return new Setting.Measured("thinnedOverMm", "thinned over", Measurement.LENGTH, PhysicalBound.THINNED_OVER_MM, need);
    }

    /** What is set about a way whose stock may be thinned: its own settings, and how. */
    static List<Setting<?>> after(List<Setting<?>> own) {
        List<Setting<?>> all = new ArrayList<>(own);
        all.addAll(List.of(TO, OVER));
        return List.copyOf(all);
    }

    /** As it is set; none where nothing is. */
    static Optional<Thinning> of(Settings settings) {
        return settings.find(TO).map(thickness -> new Thinning(thickness, settings.of(OVER), Optional.empty()));
    }

    static Settings settings(Optional<Thinning> thinning) {
        return Settings.NONE.with(TO, thinning.map(Thinning::thicknessMm)).with(OVER, thinning.map(Thinning::overMm));
    }

    /** The same shaved to another thickness [mm]. */
    Thinning withThicknessMm(double other) {
        return new Thinning(other, overMm, shaped);
    }

    /** The same over another length [mm]. */
    Thinning withOverMm(double other) {
        return new Thinning(thicknessMm, other, shaped);
    }

    /** A blank where it bends; one no thicker than that, itself. */
    Blank of(Blank blank) {
        return thicknessMm < blank.thicknessMm() ? blank.withOutline(shaped.orElse(blank.outline()), thicknessMm) : blank;
    }

    /** Share of a bend that goes on where the thinned length of a blank has ended, both ends together. */
    double shareBeyond(Blank blank, Bend bend) {
        return thicknessMm < blank.thicknessMm() ? Math.max(0, 1 - overMm / bend.outerArcMm(thicknessMm)) : 0;
    }

    /** Whether a bend goes on where the thinned length of a blank has ended. */
    boolean endsWithin(Blank blank, Bend bend) {
        return shareBeyond(blank, bend) > 0;
    }

    /**
     * How far the whole thickness counts in what a bend asks, 0 to 1: a thick end that just reaches into the bend is hardly bent,
     * for the moment rises along the form; in full from where half of the bend is thick.
     */
    double wholeCounts(Blank blank, Bend bend) {
        return Math.min(1, shareBeyond(blank, bend) / WHOLE_FROM);
    }

    Map<String, String> refusals(double stockMm) {
        return thicknessMm <= stockMm ? Map.of()
                : Map.of(TO.key(), String.format(Locale.ROOT, "It cannot be thicker at the bend than the piece, %.1f mm.", stockMm));
    }
}
