package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.SetAside.Why;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Records that cannot be true are named with what is wrong, and those that just may be stay. */
class SetAsideTest {

    private static final Recipe BEND = Recipes.ash().radius(200).steamed();

    private static Optional<SetAside> released(double mm) {
        return SetAside.onSight(new Trial(7, BEND, Outcome.clean(), OptionalDouble.of(mm)));
    }

    /** An inch is 25.4 mm; a radius off by that, give or take 1.8 times for what springs back and is read wrong, is in the other unit. */
    @ParameterizedTest
    @CsvSource({"210, ", "200, ", "999, ", "1000, ", "1001, RELEASED_IMPOSSIBLE", "100, ", "99, RELEASED_IMPOSSIBLE", "2800, RELEASED_IMPOSSIBLE",
            "2850, RELEASED_IN_OTHER_UNIT", "5080, RELEASED_IN_OTHER_UNIT", "9100, RELEASED_IN_OTHER_UNIT", "9200, RELEASED_IMPOSSIBLE",
            "4.3, RELEASED_IMPOSSIBLE", "4.4, RELEASED_IN_OTHER_UNIT", "7.9, RELEASED_IN_OTHER_UNIT", "14.1, RELEASED_IN_OTHER_UNIT", "14.3, RELEASED_IMPOSSIBLE"})
    void a_radius_after_release_says_what_is_wrong_with_it(double mm, Why why) {
        assertThat(released(mm).map(SetAside::why)).isEqualTo(Optional.ofNullable(why));
        released(mm).ifPresent(aside -> assertThat(aside).isEqualTo(new SetAside(7, why, mm)));
    }

    @Test
    void a_broken_piece_has_no_radius_after_release() {
        Outcome snapped = Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        assertThat(SetAside.onSight(new Trial(7, BEND, snapped, OptionalDouble.of(210)))).contains(new SetAside(7, Why.BROKEN_BUT_MEASURED, 210));
        assertThat(SetAside.onSight(new Trial(7, BEND, snapped, OptionalDouble.empty()))).isEmpty();
    }

    /** Four times what the wood bears is the most that is believed; a break there is no wonder. */
    @Test
    void what_no_wood_bears_was_not_held() {
        double tightest = 0;
        for (double radius = 5; radius < 200; radius += 1) {
            Recipe bend = BEND.withInnerRadiusMm(radius);
            Possible piece = Possible.known(bend);
            double asked = Math.max(piece.demand().tensionRatio(), piece.demand().compressionRatio());
            boolean held = SetAside.of(new Trial(7, bend, Outcome.clean(), OptionalDouble.empty()), piece).isEmpty();
            assertThat(held).as("asked %s times what it bears", asked).isEqualTo(asked <= 4);
            assertThat(SetAside.of(new Trial(7, bend, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty()), piece)).isEmpty();
            tightest = held && tightest == 0 ? radius : tightest;
        }
        assertThat(tightest).isBetween(6.0, 100.0);
    }
}
