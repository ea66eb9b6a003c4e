package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Demand;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PrecedentsTest {

    private static final Recipes ASH = Recipes.ash().thickness(12).moisture(22);

    private static Precedents shop(Recipe... bent) {
        List<Trial> trials = new ArrayList<>();
        for (Recipe recipe : bent) {
            trials.add(new Trial(trials.size() + 1L, recipe, Outcome.clean(), OptionalDouble.empty()));
        }
        return new Precedents(RiskModel.fit(trials), Family.HOT_WOOD);
    }

    private static Possible piece(Recipes recipe) {
        return Possible.known(recipe.steamed());
    }

    /** What a bend asks is counted here with the section model itself, a record at a time. */
    @Test
    void records_within_a_third_of_what_both_faces_are_asked_are_near() {
        Possible asked = piece(ASH.radius(200));
        Recipe[] bent = new Recipe[20];
        int near = 0;
        for (int i = 0; i < bent.length; i++) {
            bent[i] = ASH.radius(80 + 25 * i).steamed();
            double stretch = bent[i].demand().tensionRatio() / asked.demand().tensionRatio();
            double squeeze = bent[i].demand().compressionRatio() / asked.demand().compressionRatio();
            near += stretch < 1.35 && stretch > 1 / 1.35 && squeeze < 1.35 && squeeze > 1 / 1.35 ? 1 : 0;
        }
        assertThat(near).as("some are near and some are not").isBetween(3, 17);
        assertThat(shop(bent).near(asked)).isEqualTo(new Precedents.Near(near, near, 0));
    }

    @Test
    void records_of_other_woods_are_near_but_not_of_this_wood() {
        Recipe ash = ASH.radius(200).steamed();
        Recipe other = SpeciesCatalogue.published().all().stream().map(species -> ASH.species(species.id()).radius(200).steamed())
                .filter(recipe -> !recipe.equals(ash) && alike(recipe.demand(), ash.demand())).findFirst().orElseThrow();
        Precedents shop = shop(other, other, ash);
        assertThat(shop.near(Possible.known(ash))).isEqualTo(new Precedents.Near(3, 1, 0));
        assertThat(shop.near(Possible.known(other))).isEqualTo(new Precedents.Near(3, 2, 0));
    }

    private static boolean alike(Demand one, Demand other) {
        return Math.abs(Math.log(one.tensionRatio() / other.tensionRatio())) < 0.2
                && Math.abs(Math.log(one.compressionRatio() / other.compressionRatio())) < 0.2;
    }

    @Test
    void a_tenth_more_than_the_hardest_record_is_beyond_the_records() {
        Precedents shop = shop(ASH.radius(400).steamed(), ASH.radius(200).steamed());
        assertThat(shop.beyond(FailureMode.TENSION, asking(1))).isFalse();
        assertThat(shop.beyond(FailureMode.TENSION, asking(1.05))).isFalse();
        assertThat(shop.beyond(FailureMode.TENSION, asking(1.15))).isTrue();
        assertThat(shop().beyond(FailureMode.TENSION, piece(ASH.radius(1000)))).as("no record at all").isTrue();
    }

    /** The gentlest bend that asks so many times the stretch of a radius of 200 mm, to the millimetre. */
    private static Possible asking(double times) {
        double stretch = times * piece(ASH.radius(200)).demand().tensionRatio();
        return IntStream.rangeClosed(0, 150).mapToObj(tighter -> piece(ASH.radius(200 - tighter)))
                .filter(piece -> piece.demand().tensionRatio() >= stretch).findFirst().orElseThrow();
    }

    @Test
    void a_record_lies_as_far_from_a_piece_as_the_piece_from_the_record() {
        double there = shop(ASH.radius(200).steamed()).apart(piece(ASH.radius(300))).stretch()[0];
        double back = shop(ASH.radius(300).steamed()).apart(piece(ASH.radius(200))).stretch()[0];
        assertThat(there).isPositive().isEqualTo(back);
    }
}
