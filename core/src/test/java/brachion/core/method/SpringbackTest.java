package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Opening ln(R after/R form) by hand: −ln(1 − r·share), r = 1/2 + 1/2·exp(−hold/12 h). */
class SpringbackTest {

    @Test
    void a_bend_held_for_its_relaxation_time_keeps_the_computed_part() {
        Springback held = new Springback(0.2, Optional.of(12.0));
        double lasting = -Math.log(1 - 0.1);
        double passing = (-Math.log(1 - 0.2) + Math.log(1 - 0.1)) * Math.exp(-1);
        assertThat(held.lastingPart()).isCloseTo(lasting, within(1e-12));
        assertThat(held.passingPart(12)).isCloseTo(passing, within(1e-12));
        assertThat(held.passingPart(24)).isCloseTo(passing * Math.exp(0.5), within(1e-12));
        assertThat(held.logOpening()).isCloseTo(lasting + passing, within(1e-12));
    }

    @Test
    void a_glued_stack_opens_at_once_by_all_it_will() {
        Springback glued = new Springback(0.25, Optional.empty());
        assertThat(glued.passingPart(12)).isZero();
        assertThat(glued.logOpening()).isCloseTo(-Math.log(0.75), within(1e-12));
    }

    @Test
    void no_bend_opens_to_straight() {
        assertThat(new Springback(3, Optional.empty()).logOpening()).isCloseTo(Math.log(10), within(1e-12));
    }

    /** Plies glued at curvature κ keep κ(1 − 1/n²). */
    @Test
    void four_plies_lose_a_sixteenth_of_their_curve() {
        Recipe laminated = Recipes.ash().radius(300).laminated(4);
        Springback springback = laminated.method().springback(laminated.blank(), laminated.bend(), laminated.shop(), laminated.demand());
        assertThat(springback.elasticShare()).isCloseTo(1 / 16.0, within(1e-12));
        assertThat(springback.holdHours()).isEmpty();
    }

    @Test
    void steamed_stock_is_held_a_day_unless_somebody_wrote_otherwise() {
        Recipe steamed = Recipes.ash().steamed();
        SteamBox box = (SteamBox) steamed.method();
        Springback usual = box.springback(steamed.blank(), steamed.bend(), steamed.shop(), steamed.demand());
        assertThat(usual.holdHours()).hasValue(24.0);
        assertThat(usual.elasticShare()).isBetween(0.01, 0.4);
        SteamBox twoDays = new SteamBox(0, SoakAdditive.NONE, 60, 98, Optional.empty(), 5, Optional.empty(), OptionalDouble.of(48));
        Springback longer = twoDays.springback(steamed.blank(), steamed.bend(), steamed.shop(), steamed.demand());
        assertThat(longer.holdHours()).hasValue(48.0);
        assertThat(longer.elasticShare()).as("drier, so stiffer when it is let go").isLessThan(0.99 * usual.elasticShare());
        assertThat(longer.logOpening()).isLessThan(usual.logOpening());
    }
}
