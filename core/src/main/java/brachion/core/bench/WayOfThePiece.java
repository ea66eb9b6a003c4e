package brachion.core.bench;

import brachion.core.method.Equipment;
import brachion.core.method.Recipe;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Optional;

/**
 * What the way of bending means for a piece on the bench.
 *
 * @param stages      its stages that take time, in the order of work; none for wood that is bent cold
 * @param soakPlanned whether it is to be soaked
 * @param glued       whether it is glued
 */
public record WayOfThePiece(List<StageKind> stages, boolean soakPlanned, boolean glued) {

    /** Of a recipe. */
    public static WayOfThePiece of(Recipe plan) {
        return new WayOfThePiece(plan.method().stageKinds(), plan.method().plannedMinutes(StageKind.SOAK).orElse(0) > 0,
                plan.method().equipment().contains(Equipment.GLUING));
    }

    /** What heats it; empty for wood that is bent cold. */
    public Optional<StageKind> heat() {
        return stages.stream().filter(StageKind::softens).findFirst();
    }

    /** Whether anything does. */
    public boolean heated() {
        return heat().isPresent();
    }

    /** Whether what heats it has to come to its temperature with the piece in it. */
    boolean warmsUp() {
        return heat().filter(kind -> kind != StageKind.HOT_PIPE).isPresent();
    }

    boolean carried() {
        return stages.contains(StageKind.CARRY);
    }

    boolean steamStaysOn() {
        return stages.contains(StageKind.STEAM_ON);
    }

    /** Whether a piece comes to a step on its way. */
    public boolean comesTo(Step step) {
        return switch (step) {
            case SOAKING -> soakPlanned;
            case HEATING, ON_FORM, DRYING -> heated();
            case BENDING -> heated() && carried();
            case GLUING -> glued;
            case IN_CLAMPS -> glued || !heated();
            default -> true;
        };
    }

    /** The step a touch leads to from another step; empty when it cannot come there. */
    Optional<Step> after(Step step, Tap tap) {
        return Optional.ofNullable(switch (step) {
            case PLANNED -> tap == Tap.PREPARED ? Step.PREPARED : begun(tap);
            case PREPARED -> begun(tap);
            case SOAKING -> tap == Tap.INTO_HEAT ? Step.HEATING : null;
            case HEATING -> heating(tap);
            case BENDING -> bent(tap, Step.BENDING);
            case ON_FORM -> onForm(tap);
            case DRYING -> drying(tap);
            case GLUING -> tap == Tap.CLAMPED ? Step.IN_CLAMPS : seen(tap, Step.GLUING);
            case IN_CLAMPS -> tap == Tap.RELEASED ? Step.FINISHED : seen(tap, Step.IN_CLAMPS);
            case FINISHED -> tap == Tap.JUDGED ? Step.JUDGED : null;
            case JUDGED -> null;
        });
    }

    private Step begun(Tap tap) {
        return switch (tap) {
            case INTO_SOAK -> stages.contains(StageKind.SOAK) ? Step.SOAKING : null;
            case INTO_HEAT -> heated() ? Step.HEATING : null;
            case GLUE_ON -> !heated() && glued ? Step.GLUING : null;
            case CLAMPED -> heated() || glued ? null : Step.IN_CLAMPS;
            default -> null;
        };
    }

    /** Where nothing is carried the piece is bent in the heat. */
    private Step heating(Tap tap) {
        return switch (tap) {
            case AT_HEAT, READING -> warmsUp() ? Step.HEATING : null;
            case PULLED -> carried() ? Step.BENDING : null;
            default -> carried() ? null : bent(tap, Step.HEATING);
        };
    }

    private static Step bent(Tap tap, Step here) {
        return tap == Tap.CLAMPED ? Step.ON_FORM : seen(tap, here);
    }

    private Step onForm(Tap tap) {
        return switch (tap) {
            case STEAM_OFF -> steamStaysOn() ? Step.ON_FORM : null;
            case RELEASED -> Step.DRYING;
            case JUDGED -> glued ? null : Step.JUDGED;
            default -> seen(tap, Step.ON_FORM);
        };
    }

    private Step drying(Tap tap) {
        return switch (tap) {
            case GLUE_ON -> glued ? Step.GLUING : null;
            case JUDGED -> glued ? null : Step.JUDGED;
            default -> seen(tap, Step.DRYING);
        };
    }

    private static Step seen(Tap tap, Step here) {
        return tap == Tap.BROKE ? Step.FINISHED : tap.notes() ? here : null;
    }
}
