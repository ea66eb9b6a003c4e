package brachion.core.process;

import brachion.core.process.DryingForecast.Band;
import brachion.core.process.DryingForecast.DryingDay;
import brachion.core.process.DryingForecast.Passing;
import brachion.core.physics.Physics;
import brachion.core.quantity.Temperature;
import brachion.core.wood.HailwoodHorrobinSorption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * Fits to the weigh-ins of a drying piece what is not known of it, and says when it is dry: how fast water moves, how wet
 * it really was at the start, and how dry the air really is. Each is weighed over what it could be by how well the drying
 * curve then meets the readings. The range is that of the posterior, so without weigh-ins it is wide and every reading
 * narrows it.
 *
 * <p>The factor on the diffusion of water starts as ln N(0, 0.5²), because boards of one species differ by about that
 * much; the moisture at the start as N(given, 2²), which is what a meter is off; the air's humidity as N(given, 0.05²).
 * These are round numbers chosen by us. Start and air move a curve in proportion: with s and e the moisture at the start
 * and that in balance with the air, M = e + (s − e)·(M_0 − e_0)/(s_0 − e_0), exact where diffusion does not change with
 * moisture.
 *
 * @param piece            the piece when drying begins; its moisture is the mean
 * @param shopC            temperature of the air [°C]
 * @param relativeHumidity of the air, as a fraction
 * @param weighIns         readings in any order, none to begin with
 */
public record DryingFit(Piece piece, double shopC, double relativeHumidity, List<WeighIn> weighIns) {

    private static final double PRIOR_SD = 0.5;
    /** How far the moisture at the start is usually off [%]. */
    public static final double START_SD_PERCENT = 2;
    /** How far the humidity of the air is usually off. */
    public static final double HUMIDITY_SD = 0.05;
    private static final double DRIEST_AIR = 0.02;
    private static final double DAMPEST_AIR = 0.98;
    /** Factors tried: from e^−1.5 to e^1.5. */
    private static final int TRIED = 21;
    private static final double WIDEST_LOG = 1.5;
    /** Starts and airs tried: so many standard deviations on either side. */
    private static final double[] OFF = {-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2};
    private static final double LONGEST_DAYS = 180;
    private static final double SHORTEST_DAYS = 10;
    private static final int CURVE_POINTS = 41;
    private static final double DAY_S = 86_400;
    /** Closer to balance than this a piece neither dries nor wets to speak of [%]. */
    private static final double BALANCED_PERCENT = 0.5;
    private static final double UNLIKELY = 1e-6;

    /** Copies the list, so that the fit cannot change. */
    public DryingFit {
        weighIns = List.copyOf(weighIns);
    }

    /** How the piece dries with one factor, from the start and in the air that were given. */
    private static final class Curve {
        private final double factor;
        private final List<double[]> steps = new ArrayList<>();

        private Curve(double factor) {
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

    /**
     * One way things could be, with its posterior weight.
     *
     * @param curve   how it dries as given
     * @param start   moisture at the start [%]
     * @param offset  M = offset + scale·M_0
     */
    private record Candidate(Curve curve, double start, double offset, double scale, double weight) {

        double moistureAt(double days) {
            return offset + scale * curve.moistureAt(days);
        }

        double daysBelow(double percent) {
            return curve.daysBelow((percent - offset) / scale);
        }

        Candidate weighing(double other) {
            return new Candidate(curve, start, offset, scale, other);
        }
    }

    /** Fits and forecasts. */
    public DryingForecast forecast() {
        List<Candidate> candidates = candidates();
        Passing below8 = passing(candidates, 8);
        double last = weighIns.stream().mapToDouble(WeighIn::days).max().orElse(0);
        double shown = Math.max(SHORTEST_DAYS, Math.max(last + 3,
                Math.min(60, 1.1 * below8.latest().orElse(passing(candidates, 10).latest().orElse(45)))));
        List<DryingDay> days = new ArrayList<>();
        for (int point = 0; point < CURVE_POINTS; point++) {
            double day = shown * point / (CURVE_POINTS - 1);
            days.add(new DryingDay(day, band(candidates, candidate -> candidate.moistureAt(day))));
        }
        return new DryingForecast(band(candidates, candidate -> candidate.curve().factor), days,
                passing(candidates, 10), below8);
    }

    /**
     * Days until the mean is below a moisture, for the piece and the air as they are given and water as fast as computed: near the middle of
     * what {@link #forecast} says without weigh-ins, for a twentieth of its work. Empty when that does not come within half a year.
     *
     * @param percent moisture [%]
     */
    public OptionalDouble daysBelow(double percent) {
        double days = simulate(1, percent).daysBelow(percent);
        return Double.isInfinite(days) ? OptionalDouble.empty() : OptionalDouble.of(days);
    }

    /** All ways things could be that the readings leave likely. */
    private List<Candidate> candidates() {
        List<Candidate> candidates = new ArrayList<>();
        double given = balance(relativeHumidity);
        double room = piece.moisturePercent() - given;
        for (int i = 0; i < TRIED; i++) {
            Curve curve = simulate(Math.exp(WIDEST_LOG * (2.0 * i / (TRIED - 1) - 1)));
            for (double offAir : OFF) {
                double air = balance(relativeHumidity + offAir * HUMIDITY_SD);
                for (double offStart : OFF) {
                    double start = Math.max(0, piece.moisturePercent() + offStart * START_SD_PERCENT);
                    double scale = Math.abs(room) < BALANCED_PERCENT ? 1 : Math.max(0.01, (start - air) / room);
                    double offset = air - scale * given;
                    double off = Math.log(curve.factor) / PRIOR_SD;
                    candidates.add(new Candidate(curve, start, offset, scale,
                            -(off * off + offAir * offAir + offStart * offStart) / 2));
                }
            }
        }
        return weighed(candidates);
    }

    private double balance(double humidity) {
        return HailwoodHorrobinSorption.equilibriumMoisture(new Temperature(shopC),
                Math.max(DRIEST_AIR, Math.min(DAMPEST_AIR, humidity))).percent();
    }

    private Curve simulate(double factor) {
        return simulate(factor, 0);
    }

    /** Until it is drier than so much. */
    private Curve simulate(double factor, double percent) {
        Curve curve = new Curve(factor);
        Stage rack = new Stage(StageKind.RACK, LONGEST_DAYS * DAY_S, shopC, shopC, relativeHumidity);
        new ProcessSimulation(piece, Physics.USUAL.withWaterUptake(factor)).run(rack, (seconds, field) -> {
            curve.steps.add(new double[] {seconds / DAY_S, field.meanMoisturePercent()});
            return field.meanMoisturePercent() >= percent;
        });
        return curve;
    }

    /** From log prior weights to posterior ones. */
    private List<Candidate> weighed(List<Candidate> candidates) {
        double[] logWeights = new double[candidates.size()];
        for (int i = 0; i < logWeights.length; i++) {
            Candidate candidate = candidates.get(i);
            logWeights[i] = candidate.weight();
            for (WeighIn seen : weighIns) {
                double told = seen.moistureIfBegunAt(candidate.start(), piece.moisturePercent());
                double miss = (told - candidate.moistureAt(seen.days())) / seen.sdPercent();
                logWeights[i] -= miss * miss / 2;
            }
        }
        double best = Arrays.stream(logWeights).max().orElseThrow();
        double sum = Arrays.stream(logWeights).map(w -> Math.exp(w - best)).sum();
        List<Candidate> likely = new ArrayList<>();
        for (int i = 0; i < logWeights.length; i++) {
            double weight = Math.exp(logWeights[i] - best) / sum;
            if (weight > UNLIKELY) {
                likely.add(candidates.get(i).weighing(weight));
            }
        }
        return likely;
    }

    private static Band band(List<Candidate> candidates, ToDoubleFunction<Candidate> reading) {
        double[][] sorted = candidates.stream().map(each -> new double[] {reading.applyAsDouble(each), each.weight()})
                .sorted(Comparator.comparingDouble(each -> each[0])).toArray(double[][]::new);
        return new Band(quantile(sorted, 0.1), quantile(sorted, 0.5), quantile(sorted, 0.9));
    }

    private static Passing passing(List<Candidate> candidates, double percent) {
        Band days = band(candidates, candidate -> candidate.daysBelow(percent));
        return new Passing(finite(days.low()), finite(days.middle()), finite(days.high()));
    }

    private static OptionalDouble finite(double days) {
        return Double.isInfinite(days) ? OptionalDouble.empty() : OptionalDouble.of(days);
    }

    /**
     * Weighted quantile, linear between the middles of neighbouring weights.
     *
     * @param sorted values with their weights, rising
     */
    private static double quantile(double[][] sorted, double share) {
        double reached = 0;
        double lastMiddle = 0;
        double lastValue = sorted[0][0];
        for (double[] each : sorted) {
            double middle = reached + each[1] / 2;
            if (middle >= share) {
                boolean jump = Double.isInfinite(each[0]) || middle == lastMiddle;
                return jump ? each[0] : lastValue + (each[0] - lastValue) * (share - lastMiddle) / (middle - lastMiddle);
            }
            reached += each[1];
            lastMiddle = middle;
            lastValue = each[0];
        }
        return lastValue;
    }
}
