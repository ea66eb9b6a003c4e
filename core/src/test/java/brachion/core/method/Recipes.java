package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.StageKind;
import brachion.core.wood.SpeciesCatalogue;
import java.util.Optional;
import java.util.OptionalDouble;

/** Recipes for tests: a plain inch-wide ash bend, and what to change about it. */
public record Recipes(String species, double moisturePercent, double grainRun, Knots knots, double thicknessMm,
                      double innerRadiusMm, double carrySeconds, Optional<Strap> strap) {

    public static final double WIDTH_MM = 25;

    public static Recipes ash() {
        return new Recipes("white-ash", 18, 25, Knots.CLEAR, 12, 200, 5, Optional.empty());
    }

    public Recipes species(String id) {
        return new Recipes(id, moisturePercent, grainRun, knots, thicknessMm, innerRadiusMm, carrySeconds, strap);
    }

    public Recipes moisture(double percent) {
        return new Recipes(species, percent, grainRun, knots, thicknessMm, innerRadiusMm, carrySeconds, strap);
    }

    public Recipes grainRun(double run) {
        return new Recipes(species, moisturePercent, run, knots, thicknessMm, innerRadiusMm, carrySeconds, strap);
    }

    public Recipes knots(Knots here) {
        return new Recipes(species, moisturePercent, grainRun, here, thicknessMm, innerRadiusMm, carrySeconds, strap);
    }

    public Recipes thickness(double mm) {
        return new Recipes(species, moisturePercent, grainRun, knots, mm, innerRadiusMm, carrySeconds, strap);
    }

    public Recipes radius(double mm) {
        return new Recipes(species, moisturePercent, grainRun, knots, thicknessMm, mm, carrySeconds, strap);
    }

    public Recipes carry(double seconds) {
        return new Recipes(species, moisturePercent, grainRun, knots, thicknessMm, innerRadiusMm, seconds, strap);
    }

    public Recipes steelStrap(double mm, double endGapMm) {
        return new Recipes(species, moisturePercent, grainRun, knots, thicknessMm, innerRadiusMm, carrySeconds,
                Optional.of(new Strap(StrapMaterial.STEEL, mm, WIDTH_MM, endGapMm)));
    }

    public Recipe steamed() {
        return new Recipe(blank(), bend(), new SteamBox(0, 60, 98, carrySeconds, strap));
    }

    /** As a plate that rises a tenth of its width. */
    public Recipe pressed() {
        return new Recipe(blank(), bend(), new PressedPlate(new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty()),
                new Heating(StageKind.HOT_BATH, 30, 96), WIDTH_MM / 10, WIDTH_MM, 3, PressedPlate.Between.METAL_SHEETS, PressedPlate.Bag.BAGGED));
    }

    public Recipe laminated(int plies) {
        return new Recipe(blank(), bend(), new ColdLamination(Glue.PVA, plies));
    }

    /** The steamed recipe as a maker gives it who measured neither moisture nor grain. */
    public Recipe steamedUnmeasured(Seasoning seasoning) {
        Blank known = blank();
        return steamed().withBlank(new Blank(known.species(), seasoning, OptionalDouble.empty(),
                known.growthRings(), OptionalDouble.empty(), known.knots(), known.thicknessMm(), known.widthMm()));
    }

    private Blank blank() {
        return new Blank(SpeciesCatalogue.published().require(species), Seasoning.AIR_DRIED,
                OptionalDouble.of(moisturePercent), GrowthRings.UNKNOWN, OptionalDouble.of(grainRun), knots,
                thicknessMm, WIDTH_MM);
    }

    private Bend bend() {
        return new Bend(innerRadiusMm, 90);
    }
}
