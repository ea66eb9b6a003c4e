package brachion.server.trial;

import brachion.core.process.StageKind;
import brachion.server.recipe.SteamFields;
import brachion.server.trial.DoneFields.ChamberReading;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * How the process went, beside the plan.
 *
 * @param stages  the stages that were written down
 * @param chamber what a thermometer in the chamber wrote down
 */
record DoneView(List<StageRecord> stages, List<ChamberReading> chamber) {

    /**
     * A stage as planned and as done.
     *
     * @param kind           the stage
     * @param plannedMinutes how long it was to take [min], null when nothing was planned
     * @param actualMinutes  how long it took [min]
     */
    record StageRecord(StageKind kind, @Schema(nullable = true) Double plannedMinutes, double actualMinutes) {
    }

    static DoneView of(DoneFields done, SteamFields plan) {
        return new DoneView(done.stages().stream()
                .map(stage -> new StageRecord(stage.kind(), planned(stage.kind(), plan), stage.actualMinutes())).toList(),
                done.chamber());
    }

    private static Double planned(StageKind kind, SteamFields plan) {
        return switch (kind) {
            case SOAK -> plan.soakHours() * 60;
            case STEAM_BOX -> plan.steamMinutes();
            case CARRY -> plan.carrySeconds() / 60;
            case FORM -> plan.holdHours() == null ? null : plan.holdHours() * 60;
            default -> null;
        };
    }
}
