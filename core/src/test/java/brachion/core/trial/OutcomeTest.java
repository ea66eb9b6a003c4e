package brachion.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.method.FailureMode;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OutcomeTest {

    private static final int CLEAN = Severity.CLEAN.ordinal();
    private static final int FLAWED = Severity.FLAW.ordinal();
    private static final int BROKEN = Severity.BROKEN.ordinal();

    @Test
    void each_mode_learns_what_was_seen_of_it() {
        Outcome both = new Outcome(Severity.BROKEN, Optional.of(Flaw.SNAP), List.of(new Seen(Flaw.INNER_CREASE, Severity.FLAW)));
        assertThat(both.severityOf(FailureMode.TENSION)).hasValue(BROKEN);
        assertThat(both.severityOf(FailureMode.COMPRESSION)).hasValue(FLAWED);
        assertThat(both.severityOf(FailureMode.GLUE_LINE)).as("it snapped before plies could part").isEmpty();
    }

    @Test
    void a_mode_nobody_saw_anything_of_held_where_the_piece_was_bent_all_the_way() {
        assertThat(Outcome.damaged(Severity.BROKEN, Flaw.SNAP).severityOf(FailureMode.COMPRESSION)).isEmpty();
        assertThat(Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER).severityOf(FailureMode.COMPRESSION)).hasValue(CLEAN);
        assertThat(Outcome.damaged(Severity.BROKEN, Flaw.GLUE_LINE_GAP).severityOf(FailureMode.TENSION)).as("the wood held").hasValue(CLEAN);
        Outcome splitToo = new Outcome(Severity.BROKEN, Optional.of(Flaw.GLUE_LINE_GAP), List.of(new Seen(Flaw.GRAIN_SPLIT, Severity.BROKEN)));
        assertThat(splitToo.severityOf(FailureMode.TENSION)).as("the wood did not hold").isEmpty();
    }

    @Test
    void of_two_flaws_of_one_mode_the_worse_counts() {
        Outcome two = new Outcome(Severity.BROKEN, Optional.of(Flaw.GRAIN_SPLIT), List.of(new Seen(Flaw.EDGE_CRACK, Severity.FLAW), new Seen(Flaw.SNAP, Severity.BROKEN)));
        assertThat(two.severityOf(FailureMode.TENSION)).hasValue(BROKEN);
    }

    @Test
    void what_else_was_seen_is_no_worse_than_the_piece_and_said_once() {
        assertThatThrownBy(() -> new Outcome(Severity.FLAW, Optional.of(Flaw.INNER_CREASE), List.of(new Seen(Flaw.SNAP, Severity.BROKEN))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Outcome(Severity.FLAW, Optional.of(Flaw.INNER_CREASE), List.of(new Seen(Flaw.INNER_CREASE, Severity.FLAW))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Outcome(Severity.CLEAN, Optional.empty(), List.of(new Seen(Flaw.INNER_CREASE, Severity.FLAW))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Seen(Flaw.SNAP, Severity.CLEAN)).isInstanceOf(IllegalArgumentException.class);
    }
}
