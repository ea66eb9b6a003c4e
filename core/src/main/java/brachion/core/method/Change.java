package brachion.core.method;

import brachion.core.process.StageKind;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * The smallest practical change of one thing about a recipe.
 *
 * @param kind   what is changed
 * @param amount what it becomes, in the unit of the thing; 0 where there is nothing to measure
 * @param on     does it
 */
public record Change(Kind kind, double amount, UnaryOperator<Recipe> on) {

    private static final double WIDER_BY = 0.1;
    static final double STRAP_MM = LengthUnit.INCH.millimetres() / 32;
    static final double NIGHT_H = 14;
    static final double LONG_SOAK_H = 48;
    private static final double STRAIGHT_RUN = 25;

    /** What can be changed. */
    public enum Kind {
        /** Done as it was planned. */
        AS_PLANNED(Trouble.AT_HAND),
        /** Milled thinner; to so many mm. */
        THINNER(Trouble.MADE),
        /** Bent to a wider inner radius; of so many mm. */
        WIDER_RADIUS(Trouble.OTHER_BEND),
        /** A steel strap with stops that sit hard; so many mm thick. */
        STEEL_STRAP(Trouble.MADE),
        /** The stops of the strap set hard. */
        TIGHTEN_STOPS(Trouble.AT_HAND),
        /** Soaked first; for so many hours. */
        SOAK(Trouble.MORE_WORK),
        /** Longer in the chamber; for so many minutes. */
        STEAM_LONGER(Trouble.AT_HAND),
        /** A hotter chamber; of so many °C. */
        HOTTER_CHAMBER(Trouble.AT_HAND),
        /** A hotter bag; of so many °C. */
        HOTTER_BAG(Trouble.AT_HAND),
        /** Longer in the hot bath; for so many minutes. */
        BATH_LONGER(Trouble.AT_HAND),
        /** A hotter bath; of so many °C. */
        HOTTER_BATH(Trouble.AT_HAND),
        /** Longer on the pipe; for so many minutes. */
        PIPE_LONGER(Trouble.AT_HAND),
        /** A hotter pipe; of so many °C. */
        HOTTER_PIPE(Trouble.AT_HAND),
        /** Shaved thinner where it bends; to so many mm. */
        SHAVED_THINNER(Trouble.MORE_WORK),
        /** Shaved thinner further along; over so many mm. */
        SHAVED_FURTHER(Trouble.AT_HAND),
        /** Sawn deeper, so that less is left standing; a web of so many mm. */
        DEEPER_CUTS(Trouble.AT_HAND),
        /** Cuts closer together; so many mm from one to the next. */
        CLOSER_CUTS(Trouble.MORE_WORK),
        /** A thinner clean ply against the form, the others thicker for it; of so many mm. */
        THINNER_CLEAN_PLY(Trouble.MORE_WORK),
        /** Bolted between sheets of metal; so many mm thick. */
        METAL_SHEETS(Trouble.MADE),
        /** Flatter across the grain; rising so many mm. */
        FLATTER_ACROSS(Trouble.OTHER_BEND),
        /** From chamber to clamps more quickly; in so many seconds. */
        QUICKER_CARRY(Trouble.AT_HAND),
        /** Bent with the bag on, so that nothing cools. */
        BAG_ON(Trouble.AT_HAND),
        /** Straighter grain; a slope of one in so many. */
        STRAIGHTER_GRAIN(Trouble.AT_HAND),
        /** No knots in the bend. */
        CLEAR_STOCK(Trouble.AT_HAND),
        /** Wetter, air-dried stock; of so many per cent. */
        WETTER_STOCK(Trouble.MADE),
        /** Thinner plies, and more of them; so many mm each. */
        THINNER_PLIES(Trouble.MADE);

        private final Trouble trouble;

        Kind(Trouble trouble) {
            this.trouble = trouble;
        }
    }

    /**
     * How much trouble a step is. What costs nothing and lies under the maker's hand comes first: another piece of the stack, the bend moved
     * off a knot, more time, more heat; then what must be bought or made; last, another bend than was wanted (common practice). The points
     * only serve to compare and to add up; chosen by us.
     */
    private enum Trouble {
        AT_HAND(1), MORE_WORK(2), MADE(4), OTHER_BEND(8);

        private final int points;

        Trouble(int points) {
            this.points = points;
        }
    }

    /** How much trouble it is, in points that only serve to compare. */
    public int effort() {
        return kind.trouble.points;
    }

    /** To do as planned what was done otherwise, where that is a stage of some kind; empty where it went as planned. */
    public static Optional<Change> asPlanned(Recipe done, Recipe planned, Predicate<StageKind> stage) {
        boolean otherwise = planned.method().stageKinds().stream().filter(stage)
                .anyMatch(kind -> !planned.method().plannedMinutes(kind).equals(done.method().plannedMinutes(kind)));
        return otherwise ? Optional.of(new Change(Kind.AS_PLANNED, 0, recipe -> planned)) : Optional.empty();
    }

    /**
     * Everything that can be changed about a recipe, of one kind perhaps several, the smallest first; radius and thickness come to lie on the
     * marks of the shop.
     */
    public static List<Change> of(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(recipe.method().changes(recipe, marks));
        Blank blank = recipe.blank();
        double radius = recipe.bend().innerRadiusMm();
        double wider = marks.radiusNoLessThan(radius + Math.max(marks.radiusMm(), WIDER_BY * radius));
        if (wider < PhysicalBound.INNER_RADIUS_MM.highest()) {
            changes.add(new Change(Kind.WIDER_RADIUS, wider, at -> at.withInnerRadiusMm(wider)));
        }
        if (!blank.species().panel() && blank.grainRun().orElse(STRAIGHT_RUN - 1) < STRAIGHT_RUN) {
            changes.add(new Change(Kind.STRAIGHTER_GRAIN, STRAIGHT_RUN,
                    at -> at.withBlank(at.blank().withGrainRun(STRAIGHT_RUN))));
        }
        if (blank.knots() == Knots.IN_BEND) {
            changes.add(new Change(Kind.CLEAR_STOCK, 0, at -> at.withBlank(at.blank().withKnots(Knots.CLEAR))));
        }
        return changes;
    }

    /**
     * The same finished section in more and thinner plies: one more, and as many as there are of each strip that is commonly sawn or veneer
     * that is sold; the fewest first. None where plies cannot be so many or so thin.
     */
    static List<Change> morePlies(Recipe recipe, int plies, BiFunction<Method, Integer, Method> withPlies) {
        return Layup.ofMorePlies(recipe.method().finishedMm(recipe.blank().thicknessMm()), plies).stream()
                .map(layup -> new Change(Kind.THINNER_PLIES, layup.plyMm(), at -> at.withBlank(at.blank().withThicknessMm(layup.plyMm()))
                        .withMethod(withPlies.apply(at.method(), layup.plies())))).toList();
    }
}
