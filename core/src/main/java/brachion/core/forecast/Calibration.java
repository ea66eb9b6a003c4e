package brachion.core.forecast;

import brachion.core.method.Family;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How well the forecasts of a method come true: every record is forecast without itself and compared with how it ended.
 * Pieces that broke in a way no mode forecasts, such as a split along the grain, are left out and counted.
 *
 * @param bins        records in order of their forecast, in groups of about equal size
 * @param trials      how many records were compared
 * @param unforecast  how many broke in a way that is not forecast
 * @param logLoss     mean of −ln of the chance given to what happened, each record forecast without itself
 * @param baseRateLogLoss the same when every record is given the share of the others that held
 * @param physicsLogLoss  the same by published radii alone
 */
public record Calibration(List<Bin> bins, int trials, int unforecast, double logLoss, double baseRateLogLoss,
                          double physicsLogLoss) {

    private static final int FEWEST_IN_BIN = 8;
    private static final int MOST_BINS = 8;
    private static final double LEAST_CHANCE = 1e-4;
    private static final RiskModel TABLES = RiskModel.withoutRecords();

    /**
     * Records that were given about the same chance.
     *
     * @param forecast mean chance given that they would not break
     * @param held     share that did not break
     * @param low      lower end of an 80 % range for that share, by chance alone (Wilson)
     * @param high     its upper end
     * @param trials   how many records
     */
    public record Bin(double forecast, double held, double low, double high, int trials) {
    }

    /** Compares all records of a method. */
    public static Calibration of(RiskModel risk, Family family) {
        List<Held> all = risk.leaveOneOut(family, Severity.FLAW);
        List<Held> judged = all.stream().filter(Calibration::isForecast)
                .sorted(Comparator.comparingDouble(Held::holds).thenComparingLong(held -> held.trial().id())).toList();
        long held = judged.stream().filter(Calibration::unbroken).count();
        double base = 0;
        for (Held each : judged) {
            double others = (held - (unbroken(each) ? 1 : 0) + 0.5) / judged.size();
            base += loss(others, unbroken(each));
        }
        return new Calibration(bins(judged), judged.size(), all.size() - judged.size(), mean(judged),
                base / Math.max(1, judged.size()),
                mean(risk.forecastBy(TABLES, family, Severity.FLAW).stream().filter(Calibration::isForecast).toList()));
    }

    private static double mean(List<Held> records) {
        return records.stream().mapToDouble(each -> loss(each.holds(), unbroken(each))).average().orElse(0);
    }

    private static double loss(double chance, boolean held) {
        double kept = Math.max(LEAST_CHANCE, Math.min(1 - LEAST_CHANCE, chance));
        return -Math.log(held ? kept : 1 - kept);
    }

    private static boolean isForecast(Held held) {
        return unbroken(held) || held.trial().outcome().flaw().flatMap(flaw -> flaw.mode(held.piece())).isPresent();
    }

    private static boolean unbroken(Held held) {
        return held.trial().outcome().severity() != Severity.BROKEN;
    }

    private static List<Bin> bins(List<Held> sorted) {
        int count = Math.max(1, Math.min(MOST_BINS, sorted.size() / FEWEST_IN_BIN));
        List<Bin> bins = new ArrayList<>();
        for (int bin = 0; bin < count; bin++) {
            List<Held> here = sorted.subList(bin * sorted.size() / count, (bin + 1) * sorted.size() / count);
            if (!here.isEmpty()) {
                bins.add(bin(here));
            }
        }
        return bins;
    }

    /** Wilson's interval at 80 % (Wilson, J. Am. Statist. Assoc. 22, 1927). */
    private static Bin bin(List<Held> here) {
        double z = Odds.Z_80;
        double n = here.size();
        double share = here.stream().filter(Calibration::unbroken).count() / n;
        double centre = (share + z * z / (2 * n)) / (1 + z * z / n);
        double half = z / (1 + z * z / n) * Math.sqrt(share * (1 - share) / n + z * z / (4 * n * n));
        return new Bin(here.stream().mapToDouble(Held::holds).average().orElseThrow(), share, centre - half, centre + half,
                here.size());
    }
}
