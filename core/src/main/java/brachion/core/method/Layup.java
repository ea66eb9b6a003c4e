package brachion.core.method;

import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * How a finished section is made of plies.
 *
 * @param plyMm thickness of one ply [mm]
 * @param plies number of plies
 */
public record Layup(double plyMm, int plies) {

    /** Plies are reckoned to the nanometre, so that a half inch of four is an eighth each. */
    private static final double STEPS_PER_MM = 1e6;

    /** A finished thickness [mm] in so many plies. */
    public static Layup ofPlies(double finishedMm, int plies) {
        PhysicalBound.PLIES.require(plies);
        return new Layup(Math.rint(finishedMm / plies * STEPS_PER_MM) / STEPS_PER_MM, plies);
    }

    /**
     * A finished thickness [mm] in so many plies, one of them clean and of a thickness of its own [mm], the others alike.
     *
     * @return the others' thickness, and how many plies there are in all; no positive thickness where the clean ply leaves none
     */
    public static Layup ofKerfedPlies(double finishedMm, int plies, double cleanMm) {
        PhysicalBound.PLIES.require(plies);
        return new Layup(Math.rint((finishedMm - cleanMm) / (plies - 1) * STEPS_PER_MM) / STEPS_PER_MM, plies);
    }

    /** The same of other plies of a thickness [mm]: as many as come nearest. */
    public static Layup ofKerfedPlyThickness(double finishedMm, double plyMm, double cleanMm) {
        return new Layup(plyMm, within(1 + Math.max(1, Math.rint((finishedMm - cleanMm) / plyMm))));
    }

    /** As many plies of a thickness [mm] as come nearest to a finished thickness [mm]; at least two. */
    public static Layup ofPlyThickness(double finishedMm, double plyMm) {
        return new Layup(plyMm, within(Math.rint(finishedMm / plyMm)));
    }

    /** A finished thickness [mm] in the fewest plies that codes would bend to a radius [mm] in hardwood. */
    public static Layup forRadius(double finishedMm, double innerRadiusMm) {
        double thinnest = Math.max(innerRadiusMm / ColdLaminationRisk.HARDWOOD_RADIUS_TO_PLY, PhysicalBound.THICKNESS_MM.lowest());
        // a hair off a whole number is the same number
        return ofPlies(finishedMm, within(Math.ceil(finishedMm / thinnest - 1e-9)));
    }

    /** Each ply at hand, as many as come nearest to what is wanted, spread evenly over it. */
    static List<Layup> ofPliesAtHand(WantedPiece wanted, AtHand atHand) {
        List<Layup> layups = new ArrayList<>();
        for (double plyMm : atHand.pliesMm()) {
            int plies = (int) Math.round(wanted.thicknessMm() / plyMm);
            double ply = wanted.thicknessMm() / Math.max(1, plies);
            if (PhysicalBound.PLIES.holds(plies) && PhysicalBound.THICKNESS_MM.holds(ply)) {
                layups.add(new Layup(ply, plies));
            }
        }
        return layups;
    }

    /** What a rip saw takes with each strip, an eighth of an inch (common practice) [mm]. */
    private static final double SAW_KERF_MM = LengthUnit.INCH.millimetres() / 8;
    /** Strips are ripped from a thirty-second to a quarter of an inch (common practice), in thirty-seconds. */
    private static final List<Integer> USUAL_STRIPS = List.of(8, 6, 4, 3, 2, 1);
    /** Veneer is sold from about this thickness (common practice). */
    private static final double VENEER_MM = 0.6;

    /** From one strip to the next at the fence of the saw: the strip and what the saw takes [mm]. */
    public double fenceStepMm() {
        return plyMm + SAW_KERF_MM;
    }

    /** Share of the board that becomes dust. */
    public double waste() {
        return SAW_KERF_MM / fenceStepMm();
    }

    /**
     * A finished thickness [mm] in more plies than are planned: one more, and as many as there are of each strip that is commonly ripped and
     * of the thinnest veneer; the fewest first.
     */
    static List<Layup> ofMorePlies(double finishedMm, int planned) {
        return IntStream.concat(IntStream.of(planned + 1, (int) Math.rint(finishedMm / VENEER_MM)), ofUsualStrips(finishedMm))
                .filter(plies -> plies > planned && PhysicalBound.PLIES.holds(plies) && PhysicalBound.THICKNESS_MM.holds(finishedMm / plies)).sorted().distinct()
                .mapToObj(plies -> ofPlies(finishedMm, plies)).toList();
    }

    private static IntStream ofUsualStrips(double finishedMm) {
        return USUAL_STRIPS.stream().mapToInt(strip -> (int) Math.rint(finishedMm / (strip * LengthUnit.INCH.millimetres() / 32)));
    }

    /** A section in thick plies and thin ones, each spread evenly over it, and as many as are planned; the thickest first. */
    static List<Recipe> ofTheSameSection(Recipe recipe, int planned, IntFunction<Method> withPlies) {
        double finished = recipe.method().finishedMm(recipe.blank().thicknessMm());
        return IntStream.concat(ofUsualStrips(finished), IntStream.of(planned)).filter(plies -> PhysicalBound.PLIES.holds(plies) && PhysicalBound.THICKNESS_MM.holds(finished / plies)).sorted().distinct()
                .mapToObj(plies -> plies == planned ? recipe
                        : recipe.withBlank(recipe.blank().withThicknessMm(ofPlies(finished, plies).plyMm())).withMethod(withPlies.apply(plies))).toList();
    }

    private static int within(double plies) {
        return (int) PhysicalBound.PLIES.nearest(plies);
    }

    /** Thickness of all plies together [mm], where they are alike. */
    public double finishedMm() {
        return plyMm * plies;
    }
}
