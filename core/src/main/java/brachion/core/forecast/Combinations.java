package brachion.core.forecast;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.forecast.WaySearch.AtHand;
import brachion.core.forecast.WaySearch.Support;
import brachion.core.forecast.WaySearch.Wanted;
import brachion.core.method.Blank;
import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Every combination of stock and settings that is at hand, those of one blank and one soak together. Stock is good:
 * clear, grain of 1 in 25, as wet as its seasoning usually is. Settings are those of common practice.
 */
final class Combinations {

    private static final double GRAIN_RUN = 25;
    private static final double CARRY_S = 15;
    private static final double[] SOAKS_H = {0, Change.NIGHT_H, Change.LONG_SOAK_H};
    private static final double[] STEAMS_MIN = {15, 30, 60, 120, 240};
    private static final double WEBBING_MM = 2.5;

    private Combinations() {
    }

    static List<List<Recipe>> of(Wanted wanted, AtHand atHand) {
        List<List<Recipe>> candidates = new ArrayList<>();
        for (Species species : atHand.species()) {
            if (atHand.methods().contains(MethodKind.STEAM_BOX)) {
                steamed(wanted, atHand, species, candidates);
            }
            if (atHand.methods().contains(MethodKind.COLD_LAMINATION)) {
                laminated(wanted, atHand, species, candidates);
            }
        }
        return candidates;
    }

    private static void steamed(Wanted wanted, AtHand atHand, Species species, List<List<Recipe>> candidates) {
        List<Double> thicknesses = atHand.thicknessesMm().isEmpty() ? List.of(wanted.thicknessMm()) : atHand.thicknessesMm();
        for (double thickness : thicknesses) {
            for (Seasoning seasoning : atHand.seasonings()) {
                Blank blank = blank(species, seasoning, thickness, wanted.widthMm());
                for (double soak : SOAKS_H) {
                    boolean pointless = soak > 0 && (!atHand.soak() || seasoning == Seasoning.GREEN);
                    if (!pointless) {
                        candidates.add(steamings(soak, atHand.supports(), wanted.widthMm())
                                .map(steam -> new Recipe(blank, wanted.bend(), steam)).toList());
                    }
                }
            }
        }
    }

    private static Stream<SteamBox> steamings(double soakHours, List<Support> supports, double widthMm) {
        return Arrays.stream(STEAMS_MIN).boxed().flatMap(minutes -> supports.stream()
                .map(support -> new SteamBox(soakHours, minutes, Change.FULL_HEAT_C, CARRY_S, strap(support, widthMm))));
    }

    private static void laminated(Wanted wanted, AtHand atHand, Species species, List<List<Recipe>> candidates) {
        List<Recipe> laminations = new ArrayList<>();
        for (double plyMm : atHand.pliesMm()) {
            int plies = (int) Math.round(wanted.thicknessMm() / plyMm);
            double ply = wanted.thicknessMm() / Math.max(1, plies);
            if (PhysicalBound.PLIES.holds(plies) && PhysicalBound.THICKNESS_MM.holds(ply)) {
                laminations.add(new Recipe(blank(species, Seasoning.KILN_DRIED, ply, wanted.widthMm()), wanted.bend(),
                        new ColdLamination(Glue.PVA, plies)));
            }
        }
        candidates.add(laminations);
    }

    private static Blank blank(Species species, Seasoning seasoning, double thicknessMm, double widthMm) {
        return new Blank(species, seasoning, OptionalDouble.of(seasoning.meanMoisturePercent()), GrowthRings.UNKNOWN,
                OptionalDouble.of(GRAIN_RUN), Knots.CLEAR, thicknessMm, widthMm);
    }

    private static Optional<Strap> strap(Support support, double widthMm) {
        return switch (support) {
            case NONE -> Optional.empty();
            case WEBBING -> Optional.of(new Strap(StrapMaterial.WEBBING, WEBBING_MM, widthMm, 0));
            case STEEL -> Optional.of(new Strap(StrapMaterial.STEEL, Change.STRAP_MM, widthMm, 0));
        };
    }
}
