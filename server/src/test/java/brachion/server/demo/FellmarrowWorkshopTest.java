package brachion.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.core.method.Workshop;
import brachion.core.process.Shop;
import brachion.core.wood.SpeciesCatalogue;
import brachion.server.trial.TrialFields;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class FellmarrowWorkshopTest {

    private final List<TrialFields> trials = new FellmarrowWorkshop(20_241_107L).twoYears();

    @Test
    void is_the_same_workshop_every_time() {
        assertThat(new FellmarrowWorkshop(20_241_107L).twoYears()).isEqualTo(trials);
        assertThat(new FellmarrowWorkshop(1L).twoYears()).isNotEqualTo(trials);
    }

    @Test
    void has_the_failures_people_really_have() {
        assertThat(trials).hasSizeGreaterThan(200);
        assertThat(trials).extracting(t -> t.outcome().flaw())
                .contains(Flaw.SNAP, Flaw.OUTER_SPLINTER, Flaw.INNER_CREASE, Flaw.GLUE_LINE_GAP, Flaw.GRAIN_SPLIT);
        assertThat(share(Severity.CLEAN)).isBetween(0.4, 0.75);
        assertThat(share(Severity.BROKEN)).isBetween(0.15, 0.45);
    }

    @Test
    void every_trial_is_one_the_product_itself_would_accept() {
        assertThat(trials).allSatisfy(trial -> assertThat(trial.recipe().toRecipe(new Workshop(SpeciesCatalogue.published(), Shop.USUAL, OptionalDouble.empty()))).isNotNull());
    }

    private double share(Severity severity) {
        return (double) trials.stream().filter(t -> t.outcome().severity() == severity).count() / trials.size();
    }
}
