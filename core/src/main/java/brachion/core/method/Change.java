package brachion.core.method;

import brachion.core.process.StageKind;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
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

    private static final double WIDER_BY = 0.1;
    static final double STRAP_MM = LengthUnit.INCH.millimetres() / 32;
    static final double NIGHT_H = 14;
    static final double LONG_SOAK_H = 48;
    private static final double STRAIGHT_RUN = 25;

    /** What can be changed. */
    public enum Kind {
        /** Done as it was planned. */
        AS_PLANNED,
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
        /** A hotter bag; of so many °C. */
        HOTTER_BAG,
        /** Longer in the hot bath; for so many minutes. */
        BATH_LONGER,
        /** A hotter bath; of so many °C. */
        HOTTER_BATH,
        /** Longer on the pipe; for so many minutes. */
        PIPE_LONGER,
        /** A hotter pipe; of so many °C. */
        HOTTER_PIPE,
        /** Shaved thinner where it bends; to so many mm. */
        SHAVED_THINNER,
        /** Shaved thinner further along; over so many mm. */
        SHAVED_FURTHER,
        /** Sawn deeper, so that less is left standing; a web of so many mm. */
        DEEPER_CUTS,
        /** Cuts closer together; so many mm from one to the next. */
        CLOSER_CUTS,
        /** A thinner clean ply against the form, the others thicker for it; of so many mm. */
        THINNER_CLEAN_PLY,
        /** Bolted between sheets of metal; so many mm thick. */
        METAL_SHEETS,
        /** Flatter across the grain; rising so many mm. */
        FLATTER_ACROSS,
        /** From chamber to clamps more quickly; in so many seconds. */
        QUICKER_CARRY,
        /** Bent with the bag on, so that nothing cools. */
        BAG_ON,
        /** Straighter grain; a slope of one in so many. */
        STRAIGHTER_GRAIN,
        /** No knots in the bend. */
        CLEAR_STOCK,
        /** Wetter, air-dried stock; of so many per cent. */
        WETTER_STOCK,
        /** Thinner plies, and more of them; so many mm each. */
        THINNER_PLIES
    }

    /** To do as planned what was done otherwise, where that is a stage of some kind; empty where it went as planned. */
    public static Optional<Change> asPlanned(Recipe done, Recipe planned, Predicate<StageKind> stage) {
        boolean otherwise = planned.method().stageKinds().stream().filter(stage)
                .anyMatch(kind -> !planned.method().plannedMinutes(kind).equals(done.method().plannedMinutes(kind)));
        return otherwise ? Optional.of(new Change(Kind.AS_PLANNED, 0, 1, recipe -> planned)) : Optional.empty();
    }

    /** Everything that can be changed about a recipe; radius and thickness come to lie on the marks of the shop. */
    public static List<Change> of(Recipe recipe, Marks marks) {
        List<Change> changes = new ArrayList<>(recipe.method().changes(recipe, marks));
        Blank blank = recipe.blank();
        double radius = recipe.bend().innerRadiusMm();
        double wider = marks.radiusNoLessThan(radius + Math.max(marks.radiusMm(), WIDER_BY * radius));
        if (wider < PhysicalBound.INNER_RADIUS_MM.highest()) {
            changes.add(new Change(Kind.WIDER_RADIUS, wider, 6, at -> at.withInnerRadiusMm(wider)));
        }
        if (!blank.species().panel() && blank.grainRun().orElse(STRAIGHT_RUN - 1) < STRAIGHT_RUN) {
            changes.add(new Change(Kind.STRAIGHTER_GRAIN, STRAIGHT_RUN, 3,
                    at -> at.withBlank(at.blank().withGrainRun(STRAIGHT_RUN))));
        }
        if (blank.knots() == Knots.IN_BEND) {
            changes.add(new Change(Kind.CLEAR_STOCK, 0, 3, at -> at.withBlank(at.blank().withKnots(Knots.CLEAR))));
        }
        return changes;
    }

    /** The same finished section in one ply more, each of them thinner; none where plies cannot be so many or so thin. */
    static Optional<Change> oneMorePly(Recipe recipe, int plies, UnaryOperator<Method> withOneMore) {
        double thinner = recipe.blank().thicknessMm() * plies / (plies + 1);
        if (!PhysicalBound.PLIES.holds(plies + 1) || !PhysicalBound.THICKNESS_MM.holds(thinner)) {
            return Optional.empty();
        }
        return Optional.of(new Change(Kind.THINNER_PLIES, thinner, 3,
                at -> at.withBlank(at.blank().withThicknessMm(thinner)).withMethod(withOneMore.apply(at.method()))));
    }
}
