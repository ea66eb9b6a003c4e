package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Springback;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.method.SteamInPlace;
import brachion.core.process.StageKind;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SpringbackModelTest {

    private static final Recipe BEND = Recipes.ash().moisture(20).thickness(12).radius(200).steamed();

    /** n equal plies of a rigid glue line keep 1 − 1/n² of their curvature: elastic beam theory. */
    @Test
    void plies_keep_all_but_one_part_in_their_number_squared() {
        Recipe eight = Recipes.ash().moisture(8).thickness(3).radius(300).laminated(8);
        Springback computed = eight.method().springback(eight.blank(), eight.bend(), eight.shop(), eight.demand());
        assertThat(Math.exp(computed.logOpening())).isCloseTo(1 / (1 - 1.0 / 64), within(1e-12));
    }

    /** A thin ply bent cold and let go at once goes back to straight: its elastic share is the whole. */
    @Test
    void cold_wood_well_within_its_strength_springs_back_altogether() {
        Recipe ply = Recipes.ash().moisture(12).thickness(1).radius(400).laminated(2);
        assertThat(ply.demand().section().elasticShare(ply.demand().state(), 12)).isCloseTo(1, within(0.01));
    }

    @Test
    void a_hotter_softer_bend_and_a_longer_hold_spring_back_less() {
        Recipe cold = Recipes.ash().moisture(20).thickness(12).radius(200).carry(120).steamed();
        assertThat(opening(BEND)).isGreaterThan(1).isLessThan(opening(cold));
        Springback held = new Springback(0.1, Optional.of(48.0));
        Springback rushed = new Springback(0.1, Optional.of(2.0));
        assertThat(held.logOpening()).isLessThan(rushed.logOpening());
    }

    @Test
    void without_records_the_computed_springback_is_expected() {
        SpringbackModel.Opening opening = RiskModel.withoutRecords().springback().opening(Possible.known(BEND));
        assertThat(opening.middle()).as("off only by the spread of relaxation times").isCloseTo(opening.computed(), within(0.004));
        assertThat(opening.low()).isLessThan(opening.middle());
        assertThat(opening.high()).isGreaterThan(opening.middle());
    }

    @Test
    void measured_pieces_move_and_narrow_it() {
        Random random = new Random(4);
        List<Trial> measured = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double radius = 150 + 5 * i;
            Recipe recipe = Recipes.ash().moisture(20).thickness(12).radius(radius).steamed();
            double truth = 1.6 * Math.log(opening(recipe)) + 0.01 * random.nextGaussian();
            measured.add(new Trial(i, recipe, Outcome.clean(), OptionalDouble.of(radius * Math.exp(truth))));
        }
        SpringbackModel.Opening before = RiskModel.withoutRecords().springback().opening(Possible.known(BEND));
        SpringbackModel.Opening after = RiskModel.fit(measured).springback().opening(Possible.known(BEND));
        assertThat(Math.log(after.middle())).isCloseTo(1.6 * Math.log(opening(BEND)), within(0.006));
        assertThat(after.high() - after.low()).isLessThan(0.7 * (before.high() - before.low()));
        assertThat(after.measured()).isEqualTo(40);
    }

    /** A shop of 400 people once overflowed a determinant. */
    @Test
    void hundreds_of_people_do_not_overflow_it() {
        List<Trial> measured = new ArrayList<>();
        for (int i = 0; i < 420; i++) {
            measured.add(new Trial(i, BEND.withNames(new Names("person " + i, "", "")), Outcome.clean(), OptionalDouble.of(206)));
        }
        SpringbackModel.Opening opening = RiskModel.fit(measured).springback().opening(Possible.known(BEND));
        assertThat(opening.middle()).isCloseTo(1.03, within(0.01));
        assertThat(opening.low()).isBetween(0.9, opening.middle());
    }

    /** A shop whose bends are held from half an hour to two days; a given share of the springback passes, the rest stays. */
    private static Contrast holding(double passes) {
        Random random = new Random(6);
        List<Trial> measured = new ArrayList<>();
        double[] hours = {0.5, 2, 6, 12, 24, 48};
        for (int i = 0; i < 60; i++) {
            double hold = hours[i % hours.length];
            SteamBox steam = (SteamBox) BEND.method();
            Recipe recipe = BEND.withInnerRadiusMm(150 + 2 * i).withMethod(new SteamBox(0, steam.additive(), 60, 98,
                    Optional.empty(), 5, Optional.empty(), OptionalDouble.of(hold)));
            double atOnce = 2 * recipe.method().springback(recipe.blank(), recipe.bend(), recipe.shop(), recipe.demand()).lastingPart();
            double truth = atOnce * (1 - passes + passes * Math.exp(-hold / 12)) + 0.005 * random.nextGaussian();
            measured.add(new Trial(i, recipe, Outcome.clean(),
                    OptionalDouble.of(recipe.bend().innerRadiusMm() * Math.exp(truth))));
        }
        return RiskModel.fit(measured).springback().holdingPays();
    }

    @Test
    void a_shop_in_which_hours_take_most_away_is_told_to_hold_and_one_in_which_they_do_not_is_not() {
        assertThat(holding(0.8).firstBetterBy(0)).as("four fifths pass").isGreaterThan(0.9);
        assertThat(holding(0.15).firstBetterBy(0)).as("nearly all stays").isLessThan(0.1);
    }

    /** A shop that leaves steam on after clamping every other piece and lets go after half an hour; steam takes a given share away beyond what it hastens. */
    private static Contrast steamLeftOn(double takes) {
        Random random = new Random(8);
        List<Trial> measured = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Recipe recipe = BEND.withInnerRadiusMm(150 + 2 * i).withMethod(new SteamInPlace(new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(0.5)),
                    new Heating(StageKind.STEAM_BAG, 45, 98), i % 2 == 0 ? 0 : 30));
            Springback computed = recipe.method().springback(recipe.blank(), recipe.bend(), recipe.shop(), recipe.demand());
            double truth = computed.logOpening() - takes * (i % 2 == 0 ? 0 : computed.lastingPart()) + 0.003 * random.nextGaussian();
            measured.add(new Trial(i, recipe, Outcome.clean(), OptionalDouble.of(recipe.bend().innerRadiusMm() * Math.exp(truth))));
        }
        return RiskModel.fit(measured).springback().steamLeftOnPays();
    }

    @Test
    void a_shop_in_which_steam_left_on_takes_more_away_than_computed_is_told_so_and_one_in_which_it_takes_less_too() {
        assertThat(steamLeftOn(0.8).firstBetterBy(0.2)).isGreaterThan(0.8);
        assertThat(steamLeftOn(-0.8).secondBetterBy(0.2)).isGreaterThan(0.8);
        assertThat(steamLeftOn(0).trials()).isEqualTo(30);
        assertThat(steamLeftOn(0).firstBetterBy(0)).isBetween(0.05, 0.95);
    }

    @Test
    void laminations_have_no_say_in_how_long_to_hold() {
        Recipe plies = Recipes.ash().moisture(8).thickness(3).radius(300).laminated(8);
        List<Trial> glued = List.of(new Trial(1, plies, Outcome.clean(), OptionalDouble.of(309)),
                new Trial(2, plies, Outcome.clean(), OptionalDouble.of(312)));
        assertThat(RiskModel.fit(glued).springback().holdingPays().trials()).isZero();
        assertThat(RiskModel.fit(glued).springback().measured()).isEqualTo(2);
    }

    private static double opening(Recipe recipe) {
        return Math.exp(recipe.method().springback(recipe.blank(), recipe.bend(), recipe.shop(), recipe.demand()).logOpening());
    }
}
