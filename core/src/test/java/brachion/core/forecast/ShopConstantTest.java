package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Recipes;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.risk.Margin;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

class ShopConstantTest {

    /** A shop whose pieces snap although the tables say that they hold. */
    private static RiskModel unluckyShop() {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            Recipes bend = Recipes.ash().thickness(14).radius(230 + i).moisture(8).grainRun(60);
            trials.add(new Trial(bend.steamed(), i % 4 == 0 ? Outcome.clean() : Outcome.damaged(Severity.BROKEN, Flaw.SNAP)));
        }
        return RiskModel.fit(trials);
    }

    /** Two posteriors with one prior: φ1·φ2/φ0, summed over a fine grid. */
    private static double[] together(Margin one, Margin other) {
        NormalDistribution prior = new NormalDistribution();
        double[] at = IntStream.rangeClosed(-6000, 6000).mapToDouble(i -> i / 1000.0).toArray();
        double[] density = IntStream.range(0, at.length).mapToDouble(i -> new NormalDistribution(one.mean(), one.sd()).density(at[i])
                * new NormalDistribution(other.mean(), other.sd()).density(at[i]) / prior.density(at[i])).toArray();
        double sum = IntStream.range(0, at.length).mapToDouble(i -> density[i]).sum();
        double mean = IntStream.range(0, at.length).mapToDouble(i -> at[i] * density[i]).sum() / sum;
        double square = IntStream.range(0, at.length).mapToDouble(i -> Math.pow(at[i] - mean, 2) * density[i]).sum() / sum;
        return new double[] {mean, Math.sqrt(square)};
    }

    @Test
    void both_faces_speak_of_a_constant_and_what_was_believed_counts_once() {
        RiskModel risk = unluckyShop();
        List<ShopConstant> constants = ShopConstant.of(risk, Family.HOT_WOOD);
        assertThat(constants).extracting(ShopConstant::constant).contains(Unsure.values()[0]);
        for (ShopConstant each : constants) {
            Unsure constant = each.constant();
            double[] expected = together(risk.unsure(Family.HOT_WOOD, FailureMode.TENSION).get(constant),
                    risk.unsure(Family.HOT_WOOD, Family.HOT_WOOD.besideStretch()).get(constant));
            double close = 2e-3 * Math.abs(at(constant, 1) - each.usual());
            assertThat(each.usual()).isEqualTo(constant.value(Physics.USUAL));
            assertThat(each.likely()).as("%s", constant).isCloseTo(at(constant, expected[0]), within(close));
            double one = at(constant, expected[0] - 1.2816 * expected[1]);
            double other = at(constant, expected[0] + 1.2816 * expected[1]);
            assertThat(each.low()).as("%s", constant).isCloseTo(Math.min(one, other), within(close));
            assertThat(each.high()).as("%s", constant).isCloseTo(Math.max(one, other), within(close));
            assertThat(each.learned()).as("%s", constant).isCloseTo(1 - expected[1], within(2e-3)).isBetween(0.0, 1.0);
        }
        assertThat(constants).as("sixteen records tell of something: %s", constants).anyMatch(each -> each.learned() > 0.02);
    }

    @Test
    void without_records_everything_is_as_usual_and_nothing_is_learned() {
        for (ShopConstant each : ShopConstant.of(RiskModel.withoutRecords(), Family.HOT_WOOD)) {
            assertThat(each.likely()).isCloseTo(each.usual(), within(1e-9));
            assertThat(each.low()).isLessThan(each.usual());
            assertThat(each.high()).isGreaterThan(each.usual());
            assertThat(each.learned()).isCloseTo(0, within(1e-6));
        }
    }

    private static double at(Unsure constant, double steps) {
        return constant.value(constant.stepped(Physics.USUAL, steps));
    }
}
