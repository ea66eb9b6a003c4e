package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.ModeRisk;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.Observations.Observation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.BOBYQAOptimizer;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;

class GroupScalesTest {

    private static final Recipe BEND = Recipes.ash().steamed();
    static final ModeRisk TENSION = Family.HOT_WOOD.modes().stream()
            .filter(risk -> risk.mode() == FailureMode.TENSION).findFirst().orElseThrow();

    /** A general optimiser without derivatives, on an evidence fitted anew at each place, finds the same scales. */
    @Test
    void scales_are_those_a_search_without_derivatives_finds() {
        for (double[] truth : new double[][] {{1.5, 0.1, 0.6}, {0, 1, 0}, {0.4, 0.4, 2}}) {
            Shop shop = new Shop(250, truth);
            Map<Group, Double> sds = shop.scales().best();
            double[] best = new BOBYQAOptimizer(7).optimize(new MaxEval(2000), GoalType.MAXIMIZE,
                    new ObjectiveFunction(logSds -> shop.scales().at(logSds).height()),
                    new InitialGuess(new double[] {-0.5, -0.5, -0.5}),
                    new SimpleBounds(new double[] {-5, -5, -5}, new double[] {1.5, 1.5, 1.5})).getPoint();
            assertThat(Math.log(sds.get(Group.PERSON))).as("person").isCloseTo(best[0], within(0.05));
            assertThat(Math.log(sds.get(Group.BOARD))).as("board").isCloseTo(best[2], within(0.05));
            assertThat(Math.log(sds.get(Group.SOURCE))).as("source").isCloseTo(best[1], within(0.05));
        }
    }

    @Test
    void slopes_are_those_of_the_evidence() {
        Shop shop = new Shop(80, 1, 0.5, 0.5);
        double[] at = {-1, -0.3, 0.2};
        double[] slopes = shop.scales().at(at).gradient();
        double h = 1e-3;
        for (int k = 0; k < at.length; k++) {
            double[] up = at.clone();
            double[] down = at.clone();
            up[k] += h;
            down[k] -= h;
            double slope = (shop.scales().at(up).height() - shop.scales().at(down).height()) / (2 * h);
            assertThat(slopes[k]).as("slope " + k).isCloseTo(slope, within(0.005 + 0.005 * Math.abs(slope)));
        }
    }

    @Test
    void with_nothing_to_go_by_a_scale_stays_where_the_prior_puts_it() {
        assertThat(new Shop(1, 0, 0, 0).scales().best().get(Group.PERSON))
                .isCloseTo(Group.PERSON.priorScale(), within(0.1 * Group.PERSON.priorScale()));
    }

    /** Records of four people, twelve boards and three sources whose effects have known scales. */
    private static final class Shop {

        private final List<Recipe> recipes = new ArrayList<>();
        private final List<Integer> severities = new ArrayList<>();

        Shop(int trials, double... sds) {
            RandomDataGenerator random = new RandomDataGenerator(20_261_125);
            double[] people = random.nextDeviates(normal(sds[0]), 4);
            double[] boards = random.nextDeviates(normal(sds[1]), 12);
            double[] sources = random.nextDeviates(normal(sds[2]), 3);
            for (int i = 0; i < trials; i++) {
                int person = random.nextInt(0, 3);
                int board = random.nextInt(0, 11);
                int source = random.nextInt(0, 2);
                recipes.add(BEND.withInnerRadiusMm(60 + 200 * random.nextDouble())
                        .withNames(new Names("person " + person, "board " + board, "source " + source)));
                double badness = TENSION.slopeMean() * Possible.typical(recipes.get(i)).load(TENSION)
                        + people[person] + boards[board] + sources[source] + Math.log(1 / random.nextDouble() - 1);
                severities.add(badness < 1.75 ? 0 : badness < 2.95 ? 1 : 2);
            }
        }

        private static NormalDistribution normal(double sd) {
            return new NormalDistribution(0, Math.max(1e-9, sd));
        }

        GroupScales scales() {
            Layout layout = new Layout(TENSION, recipes);
            List<Observation> rows = new ArrayList<>();
            for (int i = 0; i < recipes.size(); i++) {
                double load = Possible.typical(recipes.get(i)).load(TENSION);
                double[] unsure = new double[TENSION.unsure().size()];
                rows.add(new Observation(layout.features(load, unsure, recipes.get(i)), severities.get(i), 1));
            }
            return new GroupScales(TENSION, layout, new Observations(rows, layout.firstBoard(), layout.boards()), new double[] {0.15}, 0);
        }
    }
}
