package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SteamBox;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What workshops quarrel about straps is asked of the records, beyond what a strap is computed to take up. */
class StrapSchoolsTest {

    /** Its own radius in proportion is about fourteen times the thickness, so it would bend without a strap. */
    private static final double GENTLE_MM = 200;
    private static final double TIGHT_MM = 60;

    private static Recipe ash(double radiusMm, Optional<Strap> strap) {
        Recipe bare = Recipes.ash().moisture(18).thickness(8).radius(radiusMm).steamed();
        return bare.withMethod(((SteamBox) bare.method()).withStrap(strap));
    }

    private static Optional<Strap> webbing(StrapEnds ends) {
        return Optional.of(new Strap(StrapMaterial.PLASTIC, 0.5, Recipes.WIDTH_MM, 0, 1, ends));
    }

    private static Stream<Trial> ended(Recipe recipe, int held, int torn) {
        return Stream.concat(IntStream.range(0, held).mapToObj(i -> new Trial(recipe, Outcome.clean())),
                IntStream.range(0, torn).mapToObj(i -> new Trial(recipe, Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER))));
    }

    private static RuleEvidence tipped(Rule rule, Stream<Trial> one, Stream<Trial> other) {
        return RuleEvidence.of(RiskModel.fit(Stream.concat(one, other).toList())).stream().filter(each -> each.rule() == rule).findFirst().orElseThrow();
    }

    @Test
    void gentle_bends_that_hold_only_under_a_strap_speak_for_one_always() {
        RuleEvidence always = tipped(Rule.STRAP, ended(ash(GENTLE_MM, webbing(StrapEnds.STOPS)), 20, 0), ended(ash(GENTLE_MM, Optional.empty()), 10, 10));
        assertThat(always.tip()).isGreaterThan(0.7);
        assertThat(always.trials()).as("those under a strap").isEqualTo(20);
        RuleEvidence whenTight = tipped(Rule.STRAP, ended(ash(GENTLE_MM, webbing(StrapEnds.STOPS)), 10, 10), ended(ash(GENTLE_MM, Optional.empty()), 20, 0));
        assertThat(whenTight.tip()).isLessThan(0.3);
    }

    @Test
    void tight_bends_and_bands_without_stops_have_no_say_in_whether_to_strap_always() {
        assertThat(tipped(Rule.STRAP, ended(ash(TIGHT_MM, webbing(StrapEnds.STOPS)), 20, 0), ended(ash(GENTLE_MM, webbing(StrapEnds.NOT_HELD)), 10, 10)).trials()).isZero();
    }

    @Test
    void bends_that_hold_against_stops_and_tear_under_a_band_alone_speak_for_stops() {
        Stream<Trial> held = ended(ash(120, webbing(StrapEnds.GRIPPED)), 20, 0);
        RuleEvidence stops = tipped(Rule.END_STOPS, held, ended(ash(120, webbing(StrapEnds.NOT_HELD)), 8, 12));
        assertThat(stops.tip()).isGreaterThan(0.7);
        assertThat(stops.trials()).isEqualTo(40);
        RuleEvidence none = tipped(Rule.END_STOPS, ended(ash(120, webbing(StrapEnds.STOPS)), 8, 12), ended(ash(120, webbing(StrapEnds.NOT_HELD)), 20, 0));
        assertThat(none.tip()).isLessThan(0.3);
    }
}
