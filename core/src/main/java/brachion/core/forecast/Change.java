package brachion.core.forecast;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Blank;
import brachion.core.method.ColdLamination;
import brachion.core.method.Knots;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/**
 * The smallest practical change of one thing about a recipe.
 *
 * @param kind   what is changed
 * @param amount what it becomes, in the unit of the thing; 0 where there is nothing to measure
 * @param effort how much trouble it is, in points that only serve to compare; chosen by us
 * @param on     does it
 */
public record Change(Kind kind, double amount, int effort, UnaryOperator<Recipe> on) {

    private static final double THIN_MM = 6;
    private static final double WIDER_BY = 0.1;
    static final double STRAP_MM = LengthUnit.INCH.millimetres() / 32;
    static final double NIGHT_H = 14;
    static final double LONG_SOAK_H = 48;
    static final double FULL_HEAT_C = 98;
    private static final double QUICK_CARRY_S = 10;
    private static final double STRAIGHT_RUN = 25;
    private static final double WET_PERCENT = 20;

    /** What can be changed. */
    public enum Kind {
        /** Milled thinner; to so many mm. */
        THINNER,
        /** Bent to a wider inner radius; of so many mm. */
        WIDER_RADIUS,
        /** A steel strap with stops that sit hard; so many mm thick. */
        STEEL_STRAP,
        /** The stops of the strap set hard. */
        TIGHTEN_STOPS,
        /** Soaked first; for so many hours. */
        SOAK,
        /** Longer in the chamber; for so many minutes. */
        STEAM_LONGER,
        /** A hotter chamber; of so many °C. */
        HOTTER_CHAMBER,
        /** From chamber to clamps more quickly; in so many seconds. */
        QUICKER_CARRY,
        /** Straighter grain; a slope of one in so many. */
        STRAIGHTER_GRAIN,
        /** No knots in the bend. */
        CLEAR_STOCK,
        /** Wetter, air-dried stock; of so many per cent. */
        WETTER_STOCK,
        /** Thinner plies, and more of them; so many mm each. */
        THINNER_PLIES
    }

    /** Everything that can be changed about a recipe; radius and thickness come to lie on the marks of the shop. */
    static List<Change> of(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>();
        Blank blank = recipe.blank();
        if (recipe.method() instanceof SteamBox steam) {
            thinner(changes, blank, marks);
            ofTheSteaming(changes, steam);
            ofTheStrap(changes, steam, blank);
            wetter(changes, blank);
        }
        if (recipe.method() instanceof ColdLamination lamination) {
            double thinnerPly = blank.thicknessMm() * lamination.plies() / (lamination.plies() + 1);
            changes.add(new Change(Kind.THINNER_PLIES, thinnerPly, 3, at -> at
                    .withBlank(at.blank().withThicknessMm(thinnerPly)).withMethod(lamination.withPlies(lamination.plies() + 1))));
        }
        double radius = recipe.bend().innerRadiusMm();
        double wider = marks.radiusNoLessThan(radius + Math.max(marks.radiusMm(), WIDER_BY * radius));
        if (wider < PhysicalBound.INNER_RADIUS_MM.highest()) {
            changes.add(new Change(Kind.WIDER_RADIUS, wider, 6, at -> at.withInnerRadiusMm(wider)));
        }
        if (blank.grainRun().orElse(STRAIGHT_RUN - 1) < STRAIGHT_RUN) {
            changes.add(new Change(Kind.STRAIGHTER_GRAIN, STRAIGHT_RUN, 3,
                    at -> at.withBlank(at.blank().withGrainRun(STRAIGHT_RUN))));
        }
        if (blank.knots() == Knots.IN_BEND) {
            changes.add(new Change(Kind.CLEAR_STOCK, 0, 3, at -> at.withBlank(at.blank().withKnots(Knots.CLEAR))));
        }
        return changes;
    }

    private static void thinner(List<Change> changes, Blank blank, Marks marks) {
        double step = blank.thicknessMm() > THIN_MM ? 2 * marks.thicknessMm() : marks.thicknessMm();
        double thinner = marks.thicknessNoMoreThan(blank.thicknessMm() - step);
        if (thinner > 2 * PhysicalBound.THICKNESS_MM.lowest()) {
            changes.add(new Change(Kind.THINNER, thinner, 4, at -> at.withBlank(at.blank().withThicknessMm(thinner))));
        }
    }

    private static void ofTheSteaming(List<Change> changes, SteamBox steam) {
        if (steam.soakHours() < LONG_SOAK_H) {
            double hours = steam.soakHours() < NIGHT_H ? NIGHT_H : LONG_SOAK_H;
            changes.add(new Change(Kind.SOAK, hours, 2, at -> at.withMethod(steam(at).withSoakHours(hours))));
        }
        double longer = Math.min(steam.steamMinutes() * 2, PhysicalBound.STEAM_MINUTES.highest());
        if (longer <= 240) {
            changes.add(new Change(Kind.STEAM_LONGER, longer, 1, at -> at.withMethod(steam(at).withSteamMinutes(longer))));
        }
        if (steam.chamberC() < FULL_HEAT_C - 1) {
            changes.add(new Change(Kind.HOTTER_CHAMBER, FULL_HEAT_C, 2, at -> at.withMethod(steam(at).withChamberC(FULL_HEAT_C))));
        }
        if (steam.carrySeconds() > QUICK_CARRY_S) {
            changes.add(new Change(Kind.QUICKER_CARRY, QUICK_CARRY_S, 1,
                    at -> at.withMethod(steam(at).withCarrySeconds(QUICK_CARRY_S))));
        }
    }

    private static void ofTheStrap(List<Change> changes, SteamBox steam, Blank blank) {
        boolean steel = steam.strap().filter(strap -> strap.material() == StrapMaterial.STEEL).isPresent();
        if (!steel) {
            Strap strap = new Strap(StrapMaterial.STEEL, STRAP_MM, blank.widthMm(), 0);
            changes.add(new Change(Kind.STEEL_STRAP, STRAP_MM, 2, at -> at.withMethod(steam(at).withStrap(Optional.of(strap)))));
        }
        steam.strap().filter(strap -> strap.endGapMm() > 0).ifPresent(strap -> changes.add(new Change(Kind.TIGHTEN_STOPS, 0, 1,
                at -> at.withMethod(steam(at).withStrap(steam(at).strap().map(
                        s -> new Strap(s.material(), s.thicknessMm(), s.widthMm(), 0)))))));
    }

    private static void wetter(List<Change> changes, Blank blank) {
        double now = blank.moisturePercent().orElse(blank.seasoning().meanMoisturePercent());
        if (now < WET_PERCENT - 3) {
            changes.add(new Change(Kind.WETTER_STOCK, WET_PERCENT, 4, at -> at.withBlank(at.blank().withStock(
                    at.blank().species(), Seasoning.AIR_DRIED, OptionalDouble.of(WET_PERCENT)))));
        }
    }

    private static SteamBox steam(Recipe recipe) {
        return (SteamBox) recipe.method();
    }
}
