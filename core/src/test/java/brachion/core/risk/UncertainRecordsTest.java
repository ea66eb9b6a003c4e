package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.risk.Observations.Observation;
import brachion.core.risk.Surface.Local;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.analysis.differentiation.FiniteDifferencesDifferentiator;
import org.hipparchus.analysis.differentiation.DSFactory;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Records of which D is not known for sure. */
class UncertainRecordsTest {

    private static final NormalPrior WORKSHOP = new NormalPrior(new double[] {1.75, Math.log(1.2), 6, 0}, new double[] {1, 0.4, 1.5, 0.5});

    private static Spread around(double mean, double sd) {
        GaussIntegrator rule = new GaussIntegratorFactory().hermite(5);
        double[] value = new double[5];
        double[] weight = new double[5];
        for (int i = 0; i < 5; i++) {
            value[i] = mean + sd * Math.sqrt(2) * rule.getPoint(i);
            weight[i] = rule.getWeight(i) / Math.sqrt(Math.PI);
        }
        return new Spread(value, weight);
    }

    private static List<Observation> mixed(long seed) {
        RandomDataGenerator random = new RandomDataGenerator(seed);
        List<Observation> records = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double logDemand = random.nextNormal(0.1, 0.4);
            Features features = Features.dense(logDemand, random.nextInt(0, 1));
            Spread lead = i % 3 == 0 ? Spread.known(logDemand) : around(logDemand, 0.4);
            records.add(new Observation(lead, features, random.nextInt(0, 2), 1));
        }
        return records;
    }

    /** The likelihood written out as the average it is, straight from the definition of the model. */
    @Test
    void a_record_is_as_likely_as_what_it_could_be_is_on_average() {
        double[] theta = {1.2, 0.3, 4.8, -0.4};
        List<Observation> records = mixed(3);
        double sum = WORKSHOP.logDensity(theta);
        for (Observation each : records) {
            double likelihood = 0;
            for (int k = 0; k < each.lead().value().length; k++) {
                double index = 4.8 * each.lead().value()[k] - 0.4 * each.features().at(1);
                double clean = 1 / (1 + Math.exp(index - 1.2));
                double unbroken = 1 / (1 + Math.exp(index - 1.2 - Math.exp(0.3)));
                likelihood += each.lead().weight()[k]
                        * (each.severity() == 0 ? clean : each.severity() == 1 ? unbroken - clean : 1 - unbroken);
            }
            sum += Math.log(likelihood);
        }
        assertThat(new OrdinalModel(new Observations(records), WORKSHOP).at(theta).height()).isCloseTo(sum, within(1e-9));
    }

    /** A share breaks whatever it is asked, and a few outcomes are slips of the pen: straight from that definition. */
    @Test
    void hidden_breaks_and_slips_are_as_likely_as_they_are_defined() {
        double[] theta = {1.2, 0.3, 4.8, -0.4};
        double hidden = 0.07;
        double slip = 0.01;
        double sum = WORKSHOP.logDensity(theta);
        for (Observation each : mixed(3)) {
            double clean = 0;
            double unbroken = 0;
            for (int k = 0; k < each.lead().value().length; k++) {
                double index = 4.8 * each.lead().value()[k] - 0.4 * each.features().at(1);
                clean += each.lead().weight()[k] / (1 + Math.exp(index - 1.2));
                unbroken += each.lead().weight()[k] / (1 + Math.exp(index - 1.2 - Math.exp(0.3)));
            }
            double sound = 1 - hidden - 2 * slip;
            sum += Math.log(each.severity() == 0 ? sound * clean + slip : each.severity() == 1 ? sound * (unbroken - clean)
                    : sound * (1 - unbroken) + hidden + slip);
        }
        assertThat(new OrdinalModel(new Observations(mixed(3)), WORKSHOP, hidden, slip).at(theta).height())
                .isCloseTo(sum, within(1e-9));
    }

    /** Against the finite differences of a general library, without and with hidden breaks. */
    @ParameterizedTest
    @CsvSource({"0, 0", "0.07, 0.01"})
    void derivatives_are_those_of_the_log_posterior(double hidden, double slip) {
        OrdinalModel model = new OrdinalModel(new Observations(mixed(4)), WORKSHOP, hidden, slip);
        double[] theta = {1.2, 0.3, 4.8, -0.4};
        Local local = model.at(theta);
        FiniteDifferencesDifferentiator differences = new FiniteDifferencesDifferentiator(5, 1e-3);
        for (int i = 0; i < theta.length; i++) {
            int along = i;
            assertThat(local.gradient()[i]).as("slope " + i).isCloseTo(differences.differentiate(
                    (double x) -> model.at(moved(theta, along, x)).height()).value(new DSFactory(1, 1).variable(0, theta[i]))
                    .getPartialDerivative(1), within(1e-6));
            for (int j = 0; j < theta.length; j++) {
                int of = j;
                assertThat(local.hessian().at(i, j)).as("curvature " + i + "," + j).isCloseTo(differences.differentiate(
                        (double x) -> model.at(moved(theta, along, x)).gradient()[of]).value(new DSFactory(1, 1).variable(0, theta[i]))
                        .getPartialDerivative(1), within(1e-6));
            }
        }
    }

    @Test
    void a_spread_of_fewer_values_keeps_its_mean_and_nearly_its_width() {
        Spread fine = around(0.3, 0.4);
        double[] value = new double[15];
        double[] weight = new double[15];
        for (int i = 0; i < 15; i++) {
            value[i] = fine.value()[i % 5] + 0.1 * (i / 5);
            weight[i] = fine.weight()[i % 5] / 3;
        }
        Spread all = Spread.of(value, weight);
        Spread few = all.condensed(6);
        assertThat(few.value()).hasSizeLessThanOrEqualTo(6).isSorted();
        assertThat(Arrays.stream(few.weight()).sum()).isCloseTo(1, within(1e-12));
        assertThat(few.mean()).isCloseTo(all.mean(), within(1e-12));
        double square = all.average(each -> (each - all.mean()) * (each - all.mean()));
        assertThat(few.average(each -> (each - all.mean()) * (each - all.mean()))).isBetween(0.75 * square, square);
        assertThat(all.condensed(40)).isSameAs(all);
    }

    private static double[] moved(double[] theta, int along, double to) {
        double[] moved = theta.clone();
        moved[along] = to;
        return moved;
    }

    /**
     * Nobody measured 2,000 pieces, whose ln D strays by 0.4 about what is known. Taking each for its mean flattens the
     * slope (regression dilution); taking all it could be into account finds the 6 they were made with.
     */
    @Test
    void not_having_measured_does_not_flatten_the_slope() {
        RandomDataGenerator random = new RandomDataGenerator(20_261_125);
        List<Observation> spread = new ArrayList<>();
        List<Observation> means = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            double known = random.nextNormal(0.1, 0.5);
            double badness = 6 * random.nextNormal(known, 0.4) + Math.log(1 / random.nextDouble() - 1);
            int severity = badness < 1.75 ? 0 : badness < 2.95 ? 1 : 2;
            spread.add(new Observation(around(known, 0.4), Features.dense(known), severity, 1));
            means.add(new Observation(Features.dense(known), severity, 1));
        }
        assertThat(slope(spread)).isCloseTo(6, within(0.9));
        assertThat(slope(means)).as("taken for their means").isLessThan(4.5);
    }

    private static double slope(List<Observation> records) {
        return LaplaceFit.of(new OrdinalModel(new Observations(records), NormalPrior.flat(1, 0, 3))).mode()[2];
    }
}
