package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.process.StageKind;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class CauseTest {

    private static List<StageKind> stages(Cause cause) {
        return Arrays.stream(StageKind.values()).filter(cause::liesIn).toList();
    }

    /** Common practice: wood too cold was heated otherwise, wood that cooled was carried otherwise, wood too dry was soaked otherwise. */
    @Test
    void a_cause_lies_in_the_stage_that_can_bring_it() {
        assertThat(stages(Cause.COLD)).isNotEmpty().contains(StageKind.STEAM_BOX).allMatch(StageKind::softens)
                .containsAll(Arrays.stream(StageKind.values()).filter(StageKind::softens).toList());
        assertThat(stages(Cause.COOLED)).containsExactly(StageKind.CARRY);
        assertThat(stages(Cause.DRY)).containsExactly(StageKind.SOAK);
        assertThat(Arrays.stream(Cause.values()).filter(cause -> !stages(cause).isEmpty())).containsExactlyInAnyOrder(Cause.COLD, Cause.COOLED, Cause.DRY);
    }
}
