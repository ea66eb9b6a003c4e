package brachion.core.process;

import brachion.core.process.DryingForecast.Band;
import brachion.core.process.DryingForecast.DryingDay;
import brachion.core.process.DryingForecast.Passing;
import brachion.core.physics.Physics;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Fits one factor on the diffusion of water to the weigh-ins of a drying piece and says when it is dry. The factor's
 * logarithm starts as N(0, 0.5²), because boards of one species differ by about that much (a round number chosen by
 * us), and is weighed over a grid by how well each drying curve meets the readings. The range is that of the posterior,
 * so without weigh-ins it is wide and every reading narrows it.
 *
 * @param piece            the piece when drying begins; its moisture is the mean
 * @param shopC            temperature of the air [°C]
 * @param relativeHumidity of the air, as a fraction
 * @param weighIns         readings in any order, none to begin with
 */
public record DryingFit(Piece piece, double shopC, double relativeHumidity, List<WeighIn> weighIns) {

    private static final double PRIOR_SD = 0.5;
    /** Factors tried: from e^−1.5 to e^1.5. */
    private static final int TRIED = 21;
    private static final double WIDEST_LOG = 1.5;
    private static final double LONGEST_DAYS = 180;
    private static final double SHORTEST_DAYS = 10;
    private static final int CURVE_POINTS = 41;
    private static final double DAY_S = 86_400;

    /** Copies the list, so that the fit cannot change. */
    public DryingFit {
        weighIns = List.copyOf(weighIns);
    }

    /** One drying curve with its posterior weight. */
    private static final class Candidate {
        private final double factor;
        private final List<double[]> steps = new ArrayList<>();
        private double weight;

        private Candidate(double factor) {
            this.factor = factor;
        }

        double moistureAt(double days) {
            int next = 1;
            while (next < steps.size() - 1 && steps.get(next)[0] < days) {
                next++;
            }
            double[] before = steps.get(next - 1);
            double[] after = steps.get(next);
            double along = Math.min(1, Math.max(0, (days - before[0]) / (after[0] - before[0])));
            return before[1] + along * (after[1] - before[1]);
        }

        /** Days until below a moisture; positive infinity when not within the time simulated. */
        double daysBelow(double percent) {
            double[] before = steps.get(0);
            if (before[1] < percent) {
                return 0;
            }
            for (double[] step : steps) {
                if (step[1] < percent) {
                    return before[0] + (step[0] - before[0]) * (before[1] - percent) / (before[1] - step[1]);
                }
                before = step;
            }
            return Double.POSITIVE_INFINITY;
        }
    }

    /** Fits and forecasts. */
    public DryingForecast forecast() {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < TRIED; i++) {
            candidates.add(simulate(Math.exp(WIDEST_LOG * (2.0 * i / (TRIED - 1) - 1))));
        }
        weigh(candidates);
        Passing below8 = passing(candidates, 8);
        double last = weighIns.stream().mapToDouble(WeighIn::days).max().orElse(0);
        double shown = Math.max(SHORTEST_DAYS, Math.max(last + 3,
                Math.min(60, 1.1 * below8.latest().orElse(passing(candidates, 10).latest().orElse(45)))));
        List<DryingDay> curve = new ArrayList<>();
        for (int point = 0; point < CURVE_POINTS; point++) {
            double days = shown * point / (CURVE_POINTS - 1);
            curve.add(new DryingDay(days, band(candidates, candidate -> candidate.moistureAt(days))));
        }
        return new DryingForecast(band(candidates, candidate -> candidate.factor), curve,
                passing(candidates, 10), below8);
    }

    private Candidate simulate(double factor) {
        Candidate candidate = new Candidate(factor);
        Stage rack = new Stage(StageKind.RACK, LONGEST_DAYS * DAY_S, shopC, shopC, relativeHumidity);
        new ProcessSimulation(piece, Physics.USUAL.withWaterUptake(factor)).run(rack, (seconds, field) -> {
            candidate.steps.add(new double[] {seconds / DAY_S, field.meanMoisturePercent()});
            return true;
        });
        return candidate;
    }

    private void weigh(List<Candidate> candidates) {
        double[] logWeights = new double[candidates.size()];
        for (int i = 0; i < logWeights.length; i++) {
            Candidate candidate = candidates.get(i);
            double off = Math.log(candidate.factor) / PRIOR_SD;
            logWeights[i] = -off * off / 2;
            for (WeighIn seen : weighIns) {
                double miss = (seen.moisturePercent() - candidate.moistureAt(seen.days())) / seen.sdPercent();
                logWeights[i] -= miss * miss / 2;
            }
        }
        double best = Arrays.stream(logWeights).max().orElseThrow();
        double sum = Arrays.stream(logWeights).map(w -> Math.exp(w - best)).sum();
        for (int i = 0; i < logWeights.length; i++) {
            candidates.get(i).weight = Math.exp(logWeights[i] - best) / sum;
        }
    }

    private interface Reading {
        double of(Candidate candidate);
    }

    private static Band band(List<Candidate> candidates, Reading reading) {
        return new Band(quantile(candidates, reading, 0.1), quantile(candidates, reading, 0.5),
                quantile(candidates, reading, 0.9));
    }

    private static Passing passing(List<Candidate> candidates, double percent) {
        Band days = band(candidates, candidate -> candidate.daysBelow(percent));
        return new Passing(finite(days.low()), finite(days.middle()), finite(days.high()));
    }

    private static OptionalDouble finite(double days) {
        return Double.isInfinite(days) ? OptionalDouble.empty() : OptionalDouble.of(days);
    }

    /** Weighted quantile, linear between the middles of neighbouring weights. */
    private static double quantile(List<Candidate> candidates, Reading reading, double share) {
        List<Candidate> sorted = candidates.stream()
                .sorted(Comparator.comparingDouble(reading::of)).toList();
        double reached = 0;
        double lastMiddle = 0;
        double lastValue = reading.of(sorted.get(0));
        for (Candidate candidate : sorted) {
            double middle = reached + candidate.weight / 2;
            double value = reading.of(candidate);
            if (middle >= share) {
                boolean jump = Double.isInfinite(value) || middle == lastMiddle;
                return jump ? value : lastValue + (value - lastValue) * (share - lastMiddle) / (middle - lastMiddle);
            }
            reached += candidate.weight;
            lastMiddle = middle;
            lastValue = value;
        }
        return lastValue;
    }
}
