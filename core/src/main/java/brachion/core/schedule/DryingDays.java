package brachion.core.schedule;

import brachion.core.method.HotWood;
import brachion.core.method.Recipe;
import brachion.core.process.DryingFit;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Shop;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Days a piece dries after it is let go, until its mean is below 10 %, by the same computation as the rack's.
 *
 * @param earliest one time in ten it is sooner
 * @param middle   as likely sooner as later
 * @param latest   one time in ten it is later; as long as is looked at when it may not come at all
 */
public record DryingDays(double earliest, double middle, double latest) {

    private static final double LONGEST = 180;

    /** Dry enough to be worked on [%]; common practice. */
    private static final double DRY_PERCENT = 10;

    /**
     * Of a piece that is heated, bent and let go as planned, in the air it dries in; empty where nothing dries, and where it does not
     * come to that in half a year.
     *
     * @param plan the recipe, with moisture and slope of grain known
     * @param air  where it dries
     */
    public static Optional<DryingDays> of(Recipe plan, Shop air) {
        return onTheRack(plan, air).map(fit -> fit.forecast().below10()).filter(dry -> dry.middle().isPresent())
                .map(dry -> new DryingDays(dry.earliest().orElse(0), dry.middle().getAsDouble(), dry.latest().orElse(LONGEST)));
    }

    /** About the middle of them, for a twentieth of the work: what many plans are compared by. */
    public static OptionalDouble about(Recipe plan, Shop air) {
        return onTheRack(plan, air).map(fit -> fit.daysBelow(DRY_PERCENT)).orElse(OptionalDouble.empty());
    }

    /** The piece as it is let go; empty where nothing was wetted. */
    private static Optional<DryingFit> onTheRack(Recipe plan, Shop air) {
        if (!(plan.method() instanceof HotWood way)) {
            return Optional.empty();
        }
        Piece before = HotWood.piece(plan.blank(), plan.shop());
        ProcessSimulation simulation = new ProcessSimulation(before);
        way.stagesToRelease(plan.shop(), way.holdHours().orElse(way.usualHoldHours())).forEach(simulation::run);
        Piece released = new Piece(before.basicSpecificGravity(), before.thicknessMm(), before.widthMm(), simulation.field().meanMoisturePercent(), air.celsius());
        return Optional.of(new DryingFit(released, air.celsius(), air.relativeHumidity(), List.of()));
    }
}
