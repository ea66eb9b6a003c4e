package brachion.core.process;

import brachion.core.process.ProcessTimes.Governor;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a process does to a piece: a picture of every stage, and when things happen.
 *
 * @param stages the stages as given, each with its frames
 * @param times  when things happen
 */
public record ProcessReport(List<StageFrames> stages, ProcessTimes times) {

    private static final int DEPTHS = 18;
    private static final int FRAMES = 40;

    /** Water governs when softening takes this many times as long as heating. */
    private static final double WATER_FACTOR = 1.25;

    /**
     * @param stage  the stage
     * @param frames moments of it, first and last included
     */
    public record StageFrames(Stage stage, List<ProcessFrame> frames) {
    }

    /**
     * Follows a piece through soaking (if any), one heating, the carry, steam left on (if any), the form and the rack.
     *
     * @param plan the stages; soak, carry and steam left on may be missing
     * @throws IllegalArgumentException when the stages are not in the order of work
     */
    public static ProcessReport of(Piece piece, List<Stage> plan) {
        requireOrder(plan);
        ProcessSimulation simulation = new ProcessSimulation(piece);
        List<StageFrames> pictures = new ArrayList<>();
        OptionalDouble hot = OptionalDouble.empty();
        OptionalDouble soft = OptionalDouble.empty();
        OptionalDouble carryLimit = OptionalDouble.empty();
        OptionalDouble cold = OptionalDouble.empty();
        ProcessSimulation clamped = null;
        for (Stage stage : plan) {
            switch (stage.kind()) {
                case SOAK, CARRY, STEAM_ON, RACK -> { }
                case FORM -> {
                    clamped = simulation.copy();
                    cold = Moments.cold(simulation, stage);
                }
                default -> {
                    hot = Moments.hot(simulation, stage);
                    soft = Moments.soft(simulation, stage);
                }
            }
            pictures.add(frames(simulation, stage));
            if (stage.kind().softens()) {
                carryLimit = Moments.outerFaceHard(simulation, stage.shopC(), stage.relativeHumidity());
            }
        }
        Stage rack = plan.get(plan.size() - 1);
        Governor governor = soft.isPresent() && soft.getAsDouble() <= WATER_FACTOR * hot.orElse(0)
                ? Governor.HEAT : Governor.WATER;
        return new ProcessReport(pictures, new ProcessTimes(hot, soft, carryLimit, cold,
                Moments.below(10, clamped, rack), Moments.below(8, clamped, rack), governor));
    }

    private static void requireOrder(List<Stage> plan) {
        int last = -1;
        for (Stage stage : plan) {
            if (stage.kind().ordinal() <= last) {
                throw new IllegalArgumentException("The stages must follow the order of work, with one heating");
            }
            last = stage.kind().softens() ? StageKind.HOT_PIPE.ordinal() : stage.kind().ordinal();
        }
        boolean complete = plan.stream().filter(stage -> stage.kind().softens()).count() == 1
                && plan.stream().anyMatch(stage -> stage.kind() == StageKind.FORM)
                && last == StageKind.RACK.ordinal();
        if (!complete) {
            throw new IllegalArgumentException("A process needs one heating, a form and a rack");
        }
    }

    /** Runs a stage and keeps moments of it, close together at the start, where most happens. */
    private static StageFrames frames(ProcessSimulation simulation, Stage stage) {
        List<ProcessFrame> frames = new ArrayList<>();
        simulation.run(stage, (seconds, field) -> {
            frames.add(ProcessFrame.of(seconds, field, DEPTHS));
            return true;
        });
        if (frames.size() <= FRAMES) {
            return new StageFrames(stage, frames);
        }
        List<ProcessFrame> thinned = new ArrayList<>();
        for (int i = 0; i < FRAMES; i++) {
            thinned.add(frames.get((int) Math.round((double) i * (frames.size() - 1) / (FRAMES - 1))));
        }
        return new StageFrames(stage, thinned);
    }
}
