package brachion.core.schedule;

import brachion.core.bench.Following;
import brachion.core.bench.GlueAtHand;
import brachion.core.bench.PieceLife;
import brachion.core.bench.Step;
import brachion.core.bench.WayOfThePiece;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import brachion.core.process.StageKind;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * What is to be done to a piece, out of its recipe. How long wood may wait in water and in the heat after it is ready is common
 * practice in round numbers: three days in water, a quarter of its time in the heat and ten minutes at least.
 */
public final class OperationsOfPiece {

    private static final int SOAK_WAITS = 3 * 24 * 60;
    private static final int DAY = 24 * 60;
    private static final int HEAT_WAITS = 10;
    private static final int HEAT_WAITS_PART = 4;

    private final Recipe plan;
    private final WayOfThePiece way;
    private final Crew crew;
    private final GlueAtHand glue;
    private final Optional<DryingDays> drying;
    private final Function<Set<Step>, List<Requirement>> needs;

    /**
     * @param plan   the recipe, with moisture and slope of grain known
     * @param crew   who makes it
     * @param glue   the glue it is made with
     * @param drying how long it dries; empty when that is not waited for
     * @param needs  what of the rig is taken up while a piece is at some steps
     */
    public OperationsOfPiece(Recipe plan, Crew crew, GlueAtHand glue, Optional<DryingDays> drying, Function<Set<Step>, List<Requirement>> needs) {
        this.plan = plan;
        this.way = WayOfThePiece.of(plan);
        this.crew = crew;
        this.glue = glue;
        this.drying = drying;
        this.needs = needs;
    }

    /** All of it, in order. */
    public List<Operation> all() {
        HandsTimes hands = crew.hands();
        List<Operation> all = new ArrayList<>();
        if (way.comesTo(Step.SOAKING)) {
            all.add(new Operation(Step.SOAKING, 1, hands.layIn(), planned(StageKind.SOAK), SOAK_WAITS, false, 0, needs.apply(EnumSet.of(Step.SOAKING))));
        }
        way.heat().ifPresent(heat -> heated(heat, all));
        if (way.glued()) {
            all.add(crew.gluing(glue.openMinutes(plan), plan.method().sheet(plan).value(Sheet.Measure.CLOSING), inClamps(), needs.apply(EnumSet.of(Step.GLUING, Step.IN_CLAMPS))));
        } else if (!way.heated()) {
            all.add(new Operation(Step.IN_CLAMPS, 1, hands.bend(), inClamps(), Operation.ANY_TIME, false, 0, needs.apply(EnumSet.of(Step.IN_CLAMPS))));
        }
        if (way.glued() || !way.heated()) {
            all.add(new Operation(Step.FINISHED, 1, hands.takeOff(), 0, 0, false, 0, List.of()));
        }
        return all;
    }

    private void heated(StageKind heat, List<Operation> all) {
        HandsTimes hands = crew.hands();
        int minutes = planned(heat);
        List<Requirement> heater = needs.apply(EnumSet.of(Step.HEATING));
        // over a pipe it is in somebody's hands all the while
        boolean watched = hands.warmUp() + hands.layIn() + minutes <= crew.longestDay();
        all.add(heat == StageKind.HOT_PIPE ? new Operation(Step.HEATING, 1, hands.layIn() + minutes, 0, 0, true, hands.warmUp(), heater)
                : new Operation(Step.HEATING, 1, hands.layIn(), minutes, watched ? Math.max(HEAT_WAITS, minutes / HEAT_WAITS_PART) : DAY, watched, hands.warmUp(), heater));
        int held = (int) Math.ceil(Following.holdSeconds(plan) / 60) + planned(StageKind.STEAM_ON);
        all.add(new Operation(Step.BENDING, 1, hands.bend(), held, Operation.ANY_TIME, false, 0, needs.apply(EnumSet.of(Step.BENDING, Step.ON_FORM))));
        int dry = drying.map(days -> (int) Math.ceil(days.middle() * 24 * 60)).orElse(0);
        all.add(new Operation(Step.DRYING, 1, hands.takeOff(), dry, way.glued() ? Operation.ANY_TIME : 0, false, 0, needs.apply(EnumSet.of(Step.DRYING))));
    }

    private int planned(StageKind stage) {
        return (int) Math.ceil(plan.method().plannedMinutes(stage).orElse(0));
    }

    private int inClamps() {
        return (int) Math.ceil(glue.clampedSeconds() / 60);
    }

    /**
     * How many of the operations of a piece have begun, by what was said of it; all of them for one nothing more is done to.
     *
     * @param operations all of it
     */
    public static int begun(PieceLife life, List<Operation> operations) {
        Step at = switch (life.step()) {
            case ON_FORM -> Step.BENDING;
            case IN_CLAMPS -> operations.stream().anyMatch(operation -> operation.step() == Step.GLUING) ? Step.GLUING : Step.IN_CLAMPS;
            default -> life.step();
        };
        if (at == Step.FINISHED || at == Step.JUDGED) {
            return operations.size();
        }
        for (int i = 0; i < operations.size(); i++) {
            if (operations.get(i).step() == at) {
                return i + 1;
            }
        }
        return 0;
    }

    /**
     * When the operation a piece is at began, as far as what follows hangs on it: so long before it is due as it lasts, where it is
     * known when that is. What lies in a heat that was read and from which nothing comes counts from now on.
     *
     * @param due when what it waits for is due; empty when that cannot be said
     * @param now minute 0
     */
    public static int begunAt(PieceLife life, Optional<Instant> due, Operation operation, Instant now) {
        if (due.isEmpty() && life.step() == Step.HEATING && life.probe().isPresent() && operation.minutes() > 0) {
            return -operation.handsMinutes();
        }
        long begun = due.map(at -> minutes(now, at) - operation.lasts()).or(() -> life.since().map(at -> minutes(now, at))).orElse(0L);
        return (int) Math.max(-100L * 24 * 60, Math.min(0, begun));
    }

    private static long minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMinutes();
    }
}
