package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where work is saved, the result is that of the long way round. */
class ShortcutsTest {

    private static final Piece DRY = new Piece(0.6, 16, 30, 8, 18);
    private static final Stage STEAM = Stage.of(StageKind.STEAM_BOX, 1, 98);
    private static final Stage CARRY = Stage.of(StageKind.CARRY, 15, 18);

    @Test
    void short_stages_on_the_way_of_a_long_one_end_exactly_as_by_themselves() {
        ProcessSimulation soaked = new ProcessSimulation(DRY);
        soaked.run(Stage.of(StageKind.SOAK, 5 * 3600, 18));
        double[] seconds = {0.05, 900, 1800, 1801, 14_400};
        List<ProcessSimulation> together = soaked.afterEach(STEAM, seconds);
        for (int i = 0; i < seconds.length; i++) {
            ProcessSimulation alone = soaked.copy();
            alone.run(STEAM.lasting(seconds[i]));
            assertSame(together.get(i).field(), alone.field());
            alone.run(CARRY);
            together.get(i).run(CARRY);
            assertSame(together.get(i).field(), alone.field());
        }
    }

    @Test
    void a_stage_whose_heat_was_written_down_is_shared_as_well() {
        ProbeRecord slow = new ProbeRecord(List.of(new ProbeRecord.Reading(0, 40), new ProbeRecord.Reading(1200, 97)));
        Stage recorded = STEAM.recordedBy(slow);
        ProcessSimulation piece = new ProcessSimulation(DRY);
        ProcessSimulation alone = piece.copy();
        alone.run(recorded.lasting(1500));
        assertSame(piece.afterEach(recorded, 600, 1500, 3000).get(1).field(), alone.field());
    }

    private static void assertSame(SectionField together, SectionField alone) {
        assertThat(together.temperatures()).containsExactly(alone.temperatures());
        assertThat(together.moistures()).containsExactly(alone.moistures());
    }

    /** Faces that differ in nothing that matters: no water ever wants to leave, so wetting only says nothing. */
    @ParameterizedTest
    @ValueSource(doubles = {20, 600, 7200})
    void half_a_section_does_what_the_whole_does(double seconds) {
        Surface face = new Surface(400, 98, 1e-6, 1e-6, 17);
        Surface alike = new Surface(400, 98, 1e-6, 0, 17);
        ProcessSimulation half = new ProcessSimulation(DRY);
        ProcessSimulation whole = new ProcessSimulation(DRY);
        half.run(Surroundings.all(face), seconds, (at, field) -> true);
        whole.run(new Surroundings(face, alike, face), seconds, (at, field) -> true);
        assertThat(half.field().mirrored()).isTrue();
        assertThat(half.field().temperatures()).containsExactly(whole.field().temperatures(), within(1e-9));
        assertThat(half.field().moistures()).containsExactly(whole.field().moistures(), within(1e-9));
    }

    @Test
    void faces_that_see_different_things_are_both_followed() {
        ProcessSimulation held = new ProcessSimulation(DRY);
        held.run(STEAM.lasting(1800));
        held.run(Stage.of(StageKind.FORM, 300, 18));
        assertThat(held.field().mirrored()).as("the form cools the inner face").isFalse();
        double[] celsius = held.field().temperatures();
        assertThat(celsius[0]).isLessThan(celsius[celsius.length - 1] - 5);
    }
}
