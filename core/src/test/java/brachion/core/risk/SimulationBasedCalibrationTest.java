package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.FailureMode;
import brachion.core.method.GrowthRings;
import brachion.core.method.LimitLaw;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Severity;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Simulation-based calibration (Cook, Gelman and Rubin, J. Comput. Graph. Stat. 15, 2006; Talts et al., arXiv
 * 1804.06788): shops whose truth is drawn from the priors themselves; the 80 % ranges must hold the truth 8 times in 10.
 */
class SimulationBasedCalibrationTest {

    private static final int SHOPS = 200;
    /** Every recipe is off by a little in a way of its own, whatever the records say. */
    private static final double OF_THE_COMPUTATION = 0.5;
    private static final double Z_80 = 1.2815515655446004;

    @Test
    void eighty_per_cent_ranges_hold_the_truth_eight_times_in_ten() {
        int inside = 0;
        int asked = 0;
        // one generator for all shops: the first numbers of generators with neighbouring seeds are alike
        Random random = new Random(1000);
        for (int shop = 0; shop < SHOPS; shop++) {
            double firstCut = 1.75 + 0.3 * random.nextGaussian();
            double gap = Math.exp(Math.log(1.2) + 0.4 * random.nextGaussian());
            double slope = 6 + random.nextGaussian();
            double flat = 0.5 * random.nextGaussian();
            double onEdge = 0.5 * random.nextGaussian();
            double species = 0.9 * random.nextGaussian();
            double spread = Math.abs(0.9 * random.nextGaussian());
            double[] people = {spread * random.nextGaussian(), spread * random.nextGaussian(), spread * random.nextGaussian(),
                spread * random.nextGaussian()};
            // the simulated shop has one effect for the rings, of flat beside on edge; the rest moves the cut
            RiskModel risk = RiskModel.fit(new SimulatedShop(random.nextLong(), firstCut - onEdge - species, gap, slope)
                    .ringsFlat(flat - onEdge).people(people).trials(60));
            for (int person = 0; person < people.length; person++) {
                Recipe asks = Recipes.ash().moisture(22).grainRun(1000).thickness(10).radius(110 + 15 * person).steamed()
                        .withNames(new Names("person " + person, "", ""));
                asks = asks.withBlank(asks.blank().withGrowthRings(GrowthRings.FLAT));
                double truth = firstCut + gap - slope * LimitLaw.LOGNORMAL.load(Math.log(asks.demand().tensionRatio())) - flat - species - people[person]
                        + OF_THE_COMPUTATION * random.nextGaussian();
                Margin margin = risk.margin(FailureMode.TENSION, Severity.FLAW, Possible.known(asks));
                asked++;
                if (Math.abs(truth - margin.mean()) < Z_80 * margin.sd()) {
                    inside++;
                }
            }
        }
        assertThat((double) inside / asked).as("coverage of 80 %% ranges over %d shops", SHOPS).isBetween(0.75, 0.85);
    }
}
