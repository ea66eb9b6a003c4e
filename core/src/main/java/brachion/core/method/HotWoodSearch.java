package brachion.core.method;

import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;

/** What a search tries of ways to bend hot wood. */
final class HotWoodSearch {

    private static final List<Double> SOAKS_H = List.of(0.0, Change.NIGHT_H, Change.LONG_SOAK_H);
    /** Usual times in the heat [min]. */
    static final List<Double> HEATS_MIN = List.of(15.0, 30.0, 60.0, 120.0, 240.0);

    private HotWoodSearch() {
    }

    /**
     * What a search tries: stock at hand by seasoning and soak, each with every usual time in the heat and every support.
     *
     * @param way          makes it of its handling and its minutes in the heat
     * @param carrySeconds its usual carry [s]
     */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species, double carrySeconds,
                                    BiFunction<Handling, Double, HotWood> way) {
        return toTry(wanted, atHand, species, carrySeconds, HEATS_MIN, way);
    }

    /** The same for other times in the heat [min]. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species, double carrySeconds, List<Double> heatsMin,
                                    BiFunction<Handling, Double, HotWood> way) {
        List<List<Recipe>> together = new ArrayList<>();
        List<Double> asWanted = wanted.inOnePiece() ? List.of(wanted.thicknessMm()) : List.of();
        List<Double> thicknesses = atHand.thicknessesMm().isEmpty() ? asWanted : atHand.thicknessesMm();
        for (double thickness : thicknesses) {
            for (Seasoning seasoning : atHand.seasonings()) {
                Blank blank = wanted.goodStock(species, seasoning, thickness);
                for (double soak : SOAKS_H) {
                    boolean pointless = soak > 0 && (!atHand.soak() || seasoning == Seasoning.GREEN);
                    if (!pointless) {
                        together.add(heatsMin.stream().flatMap(minutes -> atHand.supports().stream()
                                .map(support -> new Handling(soak, SoakAdditive.NONE, carrySeconds,
                                        support.strap(wanted.widthMm()), OptionalDouble.empty()))
                                .map(handling -> wanted.by(blank, way.apply(handling, minutes)))).toList());
                    }
                }
            }
        }
        return together;
    }
}
