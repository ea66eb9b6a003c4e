package brachion.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bench.Step;
import brachion.core.job.Progress.Piece;
import brachion.core.trial.Severity;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class ProgressTest {

    private static final Piece FLAWED_RECORD = new Piece(Step.JUDGED, Optional.of(Severity.FLAW), Severity.FLAW);

    @Test
    void a_flaw_counts_as_good_where_it_passes() {
        assertThat(Progress.of(3, Severity.FLAW, List.of(FLAWED_RECORD))).isEqualTo(new Progress(3, 1, 0, 0, 0));
        assertThat(Progress.of(3, Severity.CLEAN, List.of(FLAWED_RECORD))).isEqualTo(new Progress(3, 0, 1, 0, 0));
    }

    @Test
    void what_was_seen_counts_until_it_is_judged() {
        Piece feathered = new Piece(Step.ON_FORM, Optional.empty(), Severity.FLAW);
        assertThat(Progress.of(3, Severity.FLAW, List.of(feathered)).bent()).isEqualTo(1);
        assertThat(Progress.of(3, Severity.CLEAN, List.of(feathered)).spoilt()).isEqualTo(1);
        assertThat(Progress.of(3, Severity.FLAW, List.of(new Piece(Step.FINISHED, Optional.empty(), Severity.BROKEN))).spoilt()).isEqualTo(1);
        assertThat(Progress.of(3, Severity.FLAW, List.of(new Piece(Step.BENDING, Optional.empty(), Severity.CLEAN))).underWay()).isEqualTo(1);
    }

    @Property
    void each_piece_counts_once_and_no_less_than_none_is_missing(@ForAll @IntRange(min = 1, max = 20) int wanted,
                                                                @ForAll @Size(max = 30) List<Step> steps, @ForAll Severity seen) {
        List<Piece> pieces = steps.stream().map(step -> new Piece(step, step == Step.JUDGED ? Optional.of(seen) : Optional.empty(), seen)).toList();
        Progress progress = Progress.of(wanted, Severity.FLAW, pieces);
        assertThat(progress.good() + progress.spoilt() + progress.bent() + progress.underWay()).isEqualTo(pieces.size());
        assertThat(progress.missing()).isBetween(0, wanted);
    }
}
