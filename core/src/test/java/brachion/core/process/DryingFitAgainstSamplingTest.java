package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.random.HaltonSequenceGenerator;
import org.junit.jupiter.api.Test;

/**
 * The dates of drying against importance sampling: pieces drawn from what is believed before the readings, each dried by
 * itself from its own start, in its own air, and weighed by how well it meets the readings. Points and normal quantiles by
 * Hipparchus. The fit knows no such pieces: it moves a few curves in proportion.
 */
class DryingFitAgainstSamplingTest {

    private static final Piece HALF_INCH = new Piece(0.55, 12, 30, 22, 18);
    private static final double HUMIDITY = 0.35;
    private static final int DRAWN = 600;
    private static final double LONGEST_DAYS = 90;
    /** What is believed beforehand ends at about two standard deviations. */
    private static final double ENDS_AT = 2.25;

    /** A piece that may be the one on the rack, by days and moisture. */
    private record Drawn(double pace, double start, List<double[]> course, double weight) {

        double moistureAt(double days) {
            double[] before = course.get(0);
            for (double[] step : course) {
                if (step[0] >= days) {
                    return step[0] == before[0] ? step[1] : before[1] + (step[1] - before[1]) * (days - before[0]) / (step[0] - before[0]);
                }
                before = step;
            }
            return before[1];
        }

        double daysBelow(double percent) {
            double[] before = course.get(0);
            for (double[] step : course) {
                if (step[1] < percent) {
                    return step == before ? 0 : before[0] + (step[0] - before[0]) * (before[1] - percent) / (before[1] - step[1]);
                }
                before = step;
            }
            return Double.POSITIVE_INFINITY;
        }
    }

    @Test
    void without_readings_the_bands_are_those_of_what_is_believed_beforehand() {
        List<Drawn> drawn = drawn(List.of());
        DryingForecast forecast = new DryingFit(HALF_INCH, 18, HUMIDITY, List.of()).forecast();
        sameDates(forecast, drawn);
        // the days shown reach a tenth further than the last date
        assertThat(forecast.curve().get(40).days()).isCloseTo(Math.min(60, 1.1 * forecast.below8().latest().orElse(60)), within(1e-9));
        for (int at : new int[] {0, 6, 15}) {
            DryingForecast.DryingDay day = forecast.curve().get(at);
            double[] expected = quantiles(drawn, each -> each.moistureAt(day.days()));
            assertThat(day.moisturePercent().low()).isCloseTo(expected[0], within(0.6));
            assertThat(day.moisturePercent().middle()).isCloseTo(expected[1], within(0.6));
            assertThat(day.moisturePercent().high()).isCloseTo(expected[2], within(0.6));
        }
    }

    @Test
    void readings_by_meter_and_by_scale_weigh_what_is_believed() {
        List<WeighIn> readings = List.of(WeighIn.byMeter(4, 14.8), new WeighIn(6, 12.2, 0.6, true));
        sameDates(new DryingFit(HALF_INCH, 18, HUMIDITY, readings).forecast(), drawn(readings));
    }

    private static void sameDates(DryingForecast forecast, List<Drawn> drawn) {
        double[] pace = quantiles(drawn, Drawn::pace);
        close(OptionalDouble.of(forecast.pace().low()), pace[0], 0.1);
        close(OptionalDouble.of(forecast.pace().middle()), pace[1], 0.1);
        close(OptionalDouble.of(forecast.pace().high()), pace[2], 0.1);
        for (DryingForecast.Passing passing : List.of(forecast.below10(), forecast.below8())) {
            double[] days = quantiles(drawn, each -> each.daysBelow(passing == forecast.below10() ? 10 : 8));
            close(passing.earliest(), days[0], 0.07);
            close(passing.middle(), days[1], 0.07);
            // the last days before balance are few pieces' and long
            close(passing.latest(), days[2], 0.15);
        }
    }

    /** Within a share of what is expected, or both beyond what was followed. */
    private static void close(OptionalDouble said, double expected, double share) {
        if (expected > LONGEST_DAYS * 0.8) {
            assertThat(said.orElse(Double.POSITIVE_INFINITY)).isGreaterThan(LONGEST_DAYS * 0.7);
        } else {
            assertThat(said.orElseThrow()).isCloseTo(expected, within(expected * share));
        }
    }

    private static List<Drawn> drawn(List<WeighIn> readings) {
        HaltonSequenceGenerator points = new HaltonSequenceGenerator(3);
        NormalDistribution normal = new NormalDistribution();
        double outside = normal.cumulativeProbability(-ENDS_AT);
        List<Drawn> drawn = new ArrayList<>();
        for (int i = 0; i < DRAWN; i++) {
            double[] sd = Arrays.stream(points.nextVector()).map(u -> normal.inverseCumulativeProbability(outside + (1 - 2 * outside) * u)).toArray();
            double pace = Math.exp(0.5 * sd[0]);
            Piece piece = new Piece(HALF_INCH.basicSpecificGravity(), HALF_INCH.thicknessMm(), HALF_INCH.widthMm(),
                    HALF_INCH.moisturePercent() + 2 * sd[1], HALF_INCH.celsius());
            List<double[]> course = course(piece, pace, HUMIDITY + 0.05 * sd[2]);
            Drawn one = new Drawn(pace, piece.moisturePercent(), course, 1);
            double misses = readings.stream().mapToDouble(reading -> miss(reading, one)).map(miss -> miss * miss / 2).sum();
            drawn.add(new Drawn(pace, piece.moisturePercent(), course, Math.exp(-misses)));
        }
        return drawn;
    }

    /** By how many of its standard deviations a reading is off; a scale's tells the mass that is left of that at the start. */
    private static double miss(WeighIn reading, Drawn one) {
        double told = reading.byScale()
                ? (1 + reading.moisturePercent() / 100) / (1 + HALF_INCH.moisturePercent() / 100) * (100 + one.start()) - 100
                : reading.moisturePercent();
        return (told - one.moistureAt(reading.days())) / reading.sdPercent();
    }

    private static List<double[]> course(Piece piece, double pace, double humidity) {
        List<double[]> course = new ArrayList<>();
        new ProcessSimulation(piece, Physics.USUAL.withWaterUptake(pace)).run(new Stage(StageKind.RACK, LONGEST_DAYS * 86_400, 18, 18, humidity),
                (seconds, field) -> course.add(new double[] {seconds / 86_400, field.meanMoisturePercent()}));
        return course;
    }

    private static double[] quantiles(List<Drawn> drawn, ToDoubleFunction<Drawn> of) {
        List<Drawn> rising = drawn.stream().sorted(Comparator.comparingDouble(of)).toList();
        double all = drawn.stream().mapToDouble(Drawn::weight).sum();
        return Arrays.stream(new double[] {0.1, 0.5, 0.9}).map(share -> {
            double reached = 0;
            for (Drawn each : rising) {
                reached += each.weight();
                if (reached >= share * all) {
                    return of.applyAsDouble(each);
                }
            }
            throw new IllegalStateException("Weights sum to less than their sum");
        }).toArray();
    }
}
