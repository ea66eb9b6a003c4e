package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import brachion.core.risk.Observations.Observation;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.hipparchus.random.RandomDataGenerator;
import org.junit.jupiter.api.Test;

class LaplaceFitTest {

    private static final NormalPrior WORKSHOP =
            new NormalPrior(new double[] {1.75, Math.log(1.2), 6}, new double[] {1, 0.4, 1.5});

    /**
     * Venables and Ripley, Modern Applied Statistics with S, 4th ed., section 7.3: proportional-odds regression of
     * satisfaction on influence, type and contact over the Copenhagen housing data (Madsen 1976).
     */
    @Test
    void reproduces_the_published_fit_of_the_housing_data() throws IOException {
        OrdinalModel model = new OrdinalModel(new Observations(housing()), NormalPrior.flat(-0.5, 0, 0, 0, 0, 0, 0, 0));
        LaplaceFit fit = LaplaceFit.of(model);
        double[] published = {0.5664, 1.2888, -0.5724, -0.3662, -1.0910, 0.3603};
        for (int i = 0; i < published.length; i++) {
            assertThat(fit.mode()[2 + i]).as("coefficient " + i).isCloseTo(published[i], within(1e-4));
        }
        assertThat(fit.mode()[0]).as("first cut").isCloseTo(-0.4961, within(1e-4));
        assertThat(fit.mode()[0] + Math.exp(fit.mode()[1])).as("second cut").isCloseTo(0.6907, within(1e-4));
        assertThat(-2 * model.at(fit.mode()).height()).as("deviance").isCloseTo(3479.149, within(5e-4));
    }

    private static List<Observation> housing() throws IOException {
        List<String> satisfaction = List.of("Low", "Medium", "High");
        List<Observation> rows = new ArrayList<>();
        try (Reader in = new InputStreamReader(
                LaplaceFitTest.class.getResourceAsStream("/housing.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : CSVFormat.DEFAULT.builder().setCommentMarker('#').setHeader()
                    .setSkipHeaderRecord(true).get().parse(in)) {
                Features features = Features.dense(
                    is(row, "Infl", "Medium"), is(row, "Infl", "High"), is(row, "Type", "Apartment"),
                    is(row, "Type", "Atrium"), is(row, "Type", "Terrace"), is(row, "Cont", "High"));
                rows.add(new Observation(features, satisfaction.indexOf(row.get("Sat")),
                        Double.parseDouble(row.get("Freq"))));
            }
        }
        return rows;
    }

    private static double is(CSVRecord row, String column, String level) {
        return row.get(column).equals(level) ? 1 : 0;
    }

    @Test
    void derivatives_are_those_of_the_log_posterior() {
        OrdinalModel model = new OrdinalModel(new Observations(shop(25, 7)), WORKSHOP);
        double[] at = {1.2, 0.3, 4.8};
        Surface.Local local = model.at(at);
        double h = 1e-5;
        for (int i = 0; i < 3; i++) {
            double[] up = at.clone();
            double[] down = at.clone();
            up[i] += h;
            down[i] -= h;
            assertThat(local.gradient()[i]).as("slope " + i)
                    .isCloseTo((model.at(up).height() - model.at(down).height()) / (2 * h), within(1e-6));
            for (int j = 0; j < 3; j++) {
                assertThat(local.hessian().at(i, j)).as("curvature " + i + "," + j)
                        .isCloseTo((model.at(up).gradient()[j] - model.at(down).gradient()[j]) / (2 * h), within(1e-6));
            }
        }
    }

    /** A random-walk Metropolis chain on the same posterior, written here and sharing only the density. */
    @Test
    void mean_and_spread_agree_with_a_long_markov_chain() {
        OrdinalModel model = new OrdinalModel(new Observations(shop(60, 11)), WORKSHOP);
        LaplaceFit fit = LaplaceFit.of(model);
        RandomDataGenerator random = new RandomDataGenerator(20_261_124);
        double[] at = fit.mode().clone();
        double density = model.at(at).height();
        double[] sum = new double[3];
        double[] squares = new double[3];
        int draws = 400_000;
        for (int draw = 0; draw < draws; draw++) {
            double[] next = at.clone();
            for (int i = 0; i < 3; i++) {
                next[i] += random.nextNormal(0, 1.2 * Math.sqrt(fit.variance(i)));
            }
            double proposed = model.at(next).height();
            if (Math.log(random.nextDouble()) < proposed - density) {
                at = next;
                density = proposed;
            }
            for (int i = 0; i < 3; i++) {
                sum[i] += at[i];
                squares[i] += at[i] * at[i];
            }
        }
        for (int i = 0; i < 3; i++) {
            double mean = sum[i] / draws;
            double sd = Math.sqrt(squares[i] / draws - mean * mean);
            assertThat(fit.mean()[i]).as("mean " + i).isCloseTo(mean, within(0.1 * sd));
            assertThat(Math.sqrt(fit.variance(i))).as("sd " + i).isCloseTo(sd, withPercentage(15));
        }
    }

    /**
     * The evidence of two records with one coefficient and everything else all but known, by summing over a fine grid.
     */
    @Test
    void the_evidence_is_the_integral_of_the_posterior() {
        NormalPrior prior = new NormalPrior(new double[] {1.75, Math.log(1.2), 6}, new double[] {1e-4, 1e-4, 1.5});
        OrdinalModel model = new OrdinalModel(new Observations(shop(12, 3)), prior);
        double step = 0.01;
        double sum = 0;
        for (double slope = -4; slope < 16; slope += step) {
            sum += Math.exp(model.at(new double[] {1.75, Math.log(1.2), slope}).height()) / (1.5 * Math.sqrt(2 * Math.PI)) * step;
        }
        assertThat(LaplaceFit.of(model).logEvidence()).isCloseTo(Math.log(sum), within(0.05));
    }

    @Test
    void the_fit_does_not_depend_on_where_it_starts() {
        OrdinalModel model = new OrdinalModel(new Observations(shop(40, 5)), WORKSHOP);
        LaplaceFit fit = LaplaceFit.of(model);
        LaplaceFit other = LaplaceFit.from(model, new double[] {-1, 1.5, 2});
        for (int i = 0; i < 3; i++) {
            assertThat(other.mode()[i]).isCloseTo(fit.mode()[i], within(1e-5));
        }
    }

    /** All clean or all broken has no finite maximum likelihood; the prior must hold the fit. */
    @Test
    void records_that_all_end_alike_still_give_a_finite_fit() {
        for (int severity : new int[] {0, 1, 2}) {
            List<Observation> alike = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                alike.add(new Observation(Features.dense(-0.8 + 0.04 * i), severity, 1));
            }
            LaplaceFit fit = LaplaceFit.of(new OrdinalModel(new Observations(alike), WORKSHOP));
            assertThat(Arrays.stream(fit.mode())).as("severity " + severity)
                    .allMatch(value -> Math.abs(value) < 20);
        }
    }

    /** Simulated records with known parameters α_1 1.75, α_2 2.95, b 6. */
    private static List<Observation> shop(int trials, long seed) {
        RandomDataGenerator random = new RandomDataGenerator(seed);
        List<Observation> rows = new ArrayList<>();
        for (int trial = 0; trial < trials; trial++) {
            double logDemand = random.nextNormal(0.1, 0.35);
            double badness = 6 * logDemand + Math.log(1 / random.nextDouble() - 1);
            int severity = badness < 1.75 ? 0 : badness < 2.95 ? 1 : 2;
            rows.add(new Observation(Features.dense(logDemand), severity, 1));
        }
        return rows;
    }
}
