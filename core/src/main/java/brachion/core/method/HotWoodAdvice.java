package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Change.Kind;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/** What costs a bend of hot wood its odds, and what can be changed about it. */
final class HotWoodAdvice {

    /** Moisture at which the published radii suppose the stock to be [%]. */
    private static final double SUPPOSED_PERCENT = 22;
    private static final double THIN_MM = 6;
    private static final double QUICK_CARRY_S = 10;
    private static final double WET_PERCENT = 20;

    private HotWoodAdvice() {
    }

    /** Clamped at once, wet enough, and hot through: each on top of those before. */
    static List<Cure> cures(HotWood method, Recipe recipe) {
        Recipe atOnce = recipe.withMethod(method.with(method.handling().withCarrySeconds(0)));
        return List.of(new Cure(Term.CARRY, asIs -> atOnce.demand()), wetEnough(atOnce), new Cure(Term.TOO_LITTLE_HEAT, Demand::thoroughlySoftened));
    }

    /** As wet as the published radii suppose, where it is drier. */
    static Cure wetEnough(Recipe recipe) {
        boolean wet = recipe.blank().moisturePercent().orElseThrow() >= SUPPOSED_PERCENT;
        return new Cure(Term.DRY_WOOD, asIs -> wet ? asIs : recipe.withBlank(recipe.blank().withMoisturePercent(SUPPOSED_PERCENT)).demand());
    }

    static List<Change> changes(HotWood method, Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>();
        Blank blank = recipe.blank();
        method.thinning().ifPresentOrElse(thinned -> shaved(changes, thinned, recipe, marks), () -> thinner(changes, blank, marks));
        soaked(changes, method);
        heated(changes, method);
        if (method.carrySeconds() > QUICK_CARRY_S) {
            changes.add(new Change(Kind.QUICKER_CARRY, QUICK_CARRY_S,
                    at -> with(at, handling -> handling.withCarrySeconds(QUICK_CARRY_S))));
        }
        strapped(changes, method, blank);
        wetter(changes, blank);
        return changes;
    }

    private static void thinner(List<Change> changes, Blank blank, Marks marks) {
        double step = blank.thicknessMm() > THIN_MM ? 2 * marks.thicknessMm() : marks.thicknessMm();
        double thinner = marks.thicknessNoMoreThan(blank.thicknessMm() - step);
        if (thinner > 2 * PhysicalBound.THICKNESS_MM.lowest()) {
            changes.add(new Change(Kind.THINNER, thinner, at -> at.withBlank(at.blank().withThicknessMm(thinner))));
        }
    }

    /** It is the bend that is shaved thinner, and further along where it still bends; the piece keeps its thickness. */
    private static void shaved(List<Change> changes, Thinning thinned, Recipe recipe, Marks marks) {
        Blank blank = recipe.blank();
        double thinner = marks.thicknessNoMoreThan(Math.min(thinned.thicknessMm(), blank.thicknessMm()) - marks.thicknessMm());
        if (thinner > 2 * PhysicalBound.THICKNESS_MM.lowest()) {
            changes.add(shaved(Kind.SHAVED_THINNER, thinner, now -> now.withThicknessMm(thinner)));
        }
        double further = Thinning.usualOverMm(recipe.bend(), thinned.thicknessMm());
        if (thinned.endsWithin(blank, recipe.bend()) && further > thinned.overMm()) {
            changes.add(shaved(Kind.SHAVED_FURTHER, further, now -> now.withOverMm(further)));
        }
    }

    private static Change shaved(Kind kind, double amount, UnaryOperator<Thinning> how) {
        return new Change(kind, amount, at -> with(at, handling -> handling.withThinning(handling.thinning().map(how))));
    }

    private static void soaked(List<Change> changes, HotWood method) {
        if (method.soakHours() < Change.LONG_SOAK_H) {
            double hours = method.soakHours() < Change.NIGHT_H ? Change.NIGHT_H : Change.LONG_SOAK_H;
            changes.add(new Change(Kind.SOAK, hours, at -> with(at, handling -> handling.withSoakHours(hours))));
        }
    }

    private static void heated(List<Change> changes, HotWood method) {
        double longer = method.heating().minutes() * 2;
        if (longer <= method.longestAdvisedMinutes()) {
            changes.add(new Change(method.longer(), longer, at -> at.withMethod(hot(at).with(hot(at).heating().lasting(longer)))));
        }
        double full = method.fullHeatC();
        if (method.heating().reachedC() < full - 1) {
            changes.add(new Change(method.hotter(), full, at -> at.withMethod(hot(at).with(hot(at).heating().at(full)))));
        }
    }

    private static void strapped(List<Change> changes, HotWood method, Blank blank) {
        if (method.straps() && !method.strappedWith(StrapMaterial.STEEL)) {
            Strap strap = new Strap(StrapMaterial.STEEL, Change.STRAP_MM, blank.widthMm(), 0);
            changes.add(new Change(Kind.STEEL_STRAP, Change.STRAP_MM, at -> with(at, handling -> handling.withStrap(Optional.of(strap)))));
        }
        method.strap().filter(strap -> strap.endGapMm() > 0 || !strap.held()).ifPresent(strap -> changes.add(new Change(Kind.TIGHTEN_STOPS, 0,
                at -> with(at, handling -> handling.withStrap(handling.strap().map(Strap::againstHardStops))))));
    }

    private static void wetter(List<Change> changes, Blank blank) {
        double now = blank.moisturePercent().orElse(blank.seasoning().meanMoisturePercent());
        if (now < WET_PERCENT - 3) {
            changes.add(new Change(Kind.WETTER_STOCK, WET_PERCENT, at -> at.withBlank(at.blank().withStock(
                    at.blank().species(), Seasoning.AIR_DRIED, OptionalDouble.of(WET_PERCENT)))));
        }
    }

    private static Recipe with(Recipe recipe, UnaryOperator<Handling> change) {
        return recipe.withMethod(hot(recipe).with(change.apply(hot(recipe).handling())));
    }

    private static HotWood hot(Recipe recipe) {
        return (HotWood) recipe.method();
    }
}
