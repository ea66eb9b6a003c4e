package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class SectionPictureTest {

    private static final Piece PIECE = new Piece(0.55, 20, 40, 12, 18);
    private static final List<Stage> PLAN = List.of(Stage.of(StageKind.SOAK, 6 * 3600, 18),
            Stage.of(StageKind.STEAM_BOX, 3600, 98), Stage.of(StageKind.CARRY, 30, 18));

    @Test
    void a_soaked_piece_is_wet_at_faces_and_edges_and_dry_at_the_core() {
        double[][] wet = SectionPicture.at(PIECE, PLAN, 0, 6 * 3600).moisturePercent();
        assertThat(wet[7][0]).as("core").isCloseTo(12, within(0.5));
        assertThat(wet[0][0]).as("inner face").isGreaterThan(20);
        assertThat(wet[14][0]).as("outer face").isCloseTo(wet[0][0], within(1e-6));
        assertThat(wet[7][14]).as("edge").isGreaterThan(20);
    }

    @Test
    void a_moment_is_where_the_whole_process_stands_then() {
        ProcessSimulation whole = new ProcessSimulation(PIECE);
        PLAN.forEach(whole::run);
        SectionPicture end = SectionPicture.at(PIECE, PLAN, 2, 1e9);
        assertThat(end.celsius()[7][0]).isCloseTo(whole.field().coreC(), within(0.5));
    }

    @Test
    void at_the_start_everything_is_as_it_came() {
        SectionPicture start = SectionPicture.at(PIECE, PLAN, 0, 0);
        for (double[] row : start.celsius()) {
            assertThat(row).containsOnly(18.0);
        }
    }

    @Test
    void a_piece_without_edges_is_alike_across_its_width() {
        double[][] wide = SectionPicture.at(new Piece(0.55, 20, Double.POSITIVE_INFINITY, 12, 18), PLAN, 1, 600).softness();
        for (double[] row : wide) {
            assertThat(row).containsOnly(row[0]);
        }
    }

    @Test
    void a_stage_that_is_not_there_is_refused() {
        assertThatThrownBy(() -> SectionPicture.at(PIECE, PLAN, 3, 0)).hasMessageContaining("3 stages").hasMessageContaining("not 3");
    }
}
