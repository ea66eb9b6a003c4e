package brachion.server.trial;

import brachion.core.method.Done;
import brachion.core.method.Recipe;
import brachion.core.process.ProbeRecord;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import brachion.core.method.Workshop;
import brachion.server.problem.RefusedFieldException;
import brachion.server.recipe.RecipeFields;
import brachion.server.recipe.Within;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How the process of a heated piece went, beside the plan in its recipe. A stage that is not listed went as planned.
 *
 * @param stages  what stages really took
 * @param chamber what a thermometer in the chamber wrote down, in rising order of time; empty without one
 */
public record DoneFields(
        @NotNull @Size(max = 5, message = "A process has five stages.") List<@Valid @NotNull StageTook> stages,
        @NotNull @Size(max = MOST_READINGS, message = "A chamber record may hold up to " + MOST_READINGS + " readings.")
        List<@Valid @NotNull ChamberReading> chamber) {

    private static final int MOST_READINGS = 500;

    /**
     * What a stage really took.
     *
     * @param kind          the stage
     * @param actualMinutes how long it took [min]
     */
    @Embeddable
    public record StageTook(
            @NotNull(message = "Say which stage.") @Enumerated(EnumType.STRING) StageKind kind,
            @NotNull(message = "How long the stage took is needed.") Double actualMinutes) {

        private static StageTook atLeast(StageKind kind, double minutes) {
            StageTook took = new StageTook(kind, minutes);
            return new StageTook(kind, Math.max(minutes, took.bound().lowest() * minutes / took.inUnitOfBound()));
        }

        private boolean canBe() {
            return actualMinutes > 0 && bound().holds(inUnitOfBound());
        }

        private PhysicalBound bound() {
            return switch (kind) {
                case SOAK -> PhysicalBound.SOAK_HOURS;
                case CARRY -> PhysicalBound.CARRY_SECONDS;
                case STEAM_ON -> PhysicalBound.STEAM_ON_MINUTES;
                case FORM -> PhysicalBound.FORM_HOURS;
                case RACK -> PhysicalBound.RACK_DAYS;
                default -> PhysicalBound.STEAM_MINUTES;
            };
        }

        private double inUnitOfBound() {
            return switch (kind) {
                case SOAK, FORM -> actualMinutes / 60;
                case CARRY -> actualMinutes * 60;
                case RACK -> actualMinutes / 1440;
                default -> actualMinutes;
            };
        }
    }

    /**
     * One reading in the chamber.
     *
     * @param minutes since the stock went in [min]
     * @param celsius temperature [°C]
     */
    @Embeddable
    public record ChamberReading(
            @NotNull(message = "The time of the reading is needed.") @Column(name = "minutes") Double minutes,
            @NotNull(message = "The temperature is needed.") @Within(PhysicalBound.PROBE_C) Double celsius) {
    }

    static DoneFields asPlanned() {
        return new DoneFields(List.of(), List.of());
    }

    /**
     * As a process went. What is longer than any process (a clamp nobody noted for an hour) counts as gone as planned, what is shorter
     * as the shortest there is; of a long record of the chamber every so many readings are kept.
     */
    public static DoneFields of(Done done) {
        List<StageTook> stages = took(done.took()).filter(StageTook::canBe).toList();
        List<ProbeRecord.Reading> readings = done.probe().map(DoneFields::thinned).orElse(List.of());
        return new DoneFields(stages, readings.stream().map(reading -> new ChamberReading(reading.seconds() / 60, reading.celsius())).toList());
    }

    /** The stages that took longer than any process does, and so count as gone as planned. */
    public static List<StageKind> tooLong(Map<StageKind, Double> took) {
        return took(took).filter(stage -> !stage.canBe()).map(StageTook::kind).toList();
    }

    private static Stream<StageTook> took(Map<StageKind, Double> took) {
        return took.entrySet().stream().map(stage -> StageTook.atLeast(stage.getKey(), stage.getValue()));
    }

    /** As many readings as there is room for, which keep the curve as nearly as so many can. */
    private static List<ProbeRecord.Reading> thinned(ProbeRecord record) {
        ProbeRecord thinned = record;
        for (double tolerance = ProbeRecord.CLOSELY_C; thinned.readings().size() > MOST_READINGS; tolerance *= 2) {
            thinned = thinned.thinned(tolerance);
        }
        return thinned.readings();
    }

    /** The recipe as it was done. Refuses what no process does, naming the field. */
    Recipe asDone(RecipeFields plan, Workshop workshop) {
        Recipe recipe = plan.toRecipe(workshop);
        List<StageKind> known = recipe.method().stageKinds();
        if (known.isEmpty() && !(stages.isEmpty() && chamber.isEmpty())) {
            throw new RefusedFieldException("done", "Only stock that is heated has stages to write down.");
        }
        requireSense(known);
        Map<StageKind, Double> took = stages.stream().collect(Collectors.toMap(StageTook::kind, StageTook::actualMinutes));
        return recipe.withMethod(recipe.method().asDone(new Done(took, probe())));
    }

    private Optional<ProbeRecord> probe() {
        return chamber.isEmpty() ? Optional.empty() : Optional.of(new ProbeRecord(chamber.stream()
                .map(reading -> new ProbeRecord.Reading(reading.minutes() * 60, reading.celsius())).toList()));
    }

    private void requireSense(List<StageKind> known) {
        for (StageTook stage : stages) {
            if (!known.contains(stage.kind())) {
                throw new RefusedFieldException("done.stages", "A piece bent so has no stage " + stage.kind() + ".");
            }
            if (!stage.canBe()) {
                throw new RefusedFieldException("done." + stage.kind(), stage.bound().sentence() + ", and more than zero.");
            }
        }
        if (stages.stream().map(StageTook::kind).distinct().count() < stages.size()) {
            throw new RefusedFieldException("done.stages", "Each stage can be written down once.");
        }
        for (int i = 0; i < chamber.size(); i++) {
            if (chamber.get(i).minutes() < 0 || i > 0 && chamber.get(i).minutes() <= chamber.get(i - 1).minutes()) {
                throw new RefusedFieldException("done.chamber",
                        "The readings of the chamber must follow each other in time, from zero on.");
            }
        }
    }
}
