package brachion.bench;

import brachion.core.risk.RiskModel;
import brachion.core.trial.Trial;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a fit of many records costs, beside proportional-odds regression of R's MASS package on the same table. Ours fits
 * both faces with priors, a board for every three records, and finds the scales of three groups and the share of hidden
 * flaws; R's fits the outer face once, without boards.
 */
final class Refits {

    private static final String SCRIPT = """
            library(MASS)
            d <- read.csv(commandArgs(TRUE)[1], stringsAsFactors = TRUE)
            d$severity <- factor(d$severity, levels = c('CLEAN', 'FLAW', 'BROKEN'), ordered = TRUE)
            t <- replicate(3, system.time(polr(severity ~ ., data = d))[['elapsed']])
            cat(median(t))
            """;
    /** Small fits are repeated more often, so that they too are measured warm. */
    private static final int FEWEST_RUNS = 3;
    private static final int RECORDS_REPEATED = 150_000;

    private Refits() {
    }

    /**
     * One size.
     *
     * @param records  how many records
     * @param cold     the first fit, in which every piece is followed through heat and water [s]
     * @param seconds  median of a fit from kept features [s]
     * @param oneMore  median of counting one more record in [s]
     * @param yardstick median of R's fit [s], empty where R is not installed
     * @param mebibytes heap in use with fit and records [MiB]
     */
    record Refit(int records, double cold, double seconds, double oneMore, Optional<Double> yardstick, long mebibytes) {
    }

    static Refit measure(int records) throws IOException, InterruptedException {
        List<Trial> trials = ManyTrials.of(records);
        long begun = System.nanoTime();
        RiskModel risk = RiskModel.fit(trials);
        double cold = (System.nanoTime() - begun) / 1e9;
        double[] seconds = new double[Math.max(FEWEST_RUNS, RECORDS_REPEATED / records)];
        for (int run = 0; run < seconds.length; run++) {
            long start = System.nanoTime();
            risk = RiskModel.fit(trials, Optional.of(risk));
            seconds[run] = (System.nanoTime() - start) / 1e9;
        }
        Arrays.sort(seconds);
        double oneMore = oneMore(risk, ManyTrials.of(records + seconds.length).subList(records, records + seconds.length));
        System.gc();
        long used = (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) >> 20;
        Path table = Files.createTempFile("trials", ".csv");
        ManyTrials.write(risk, table);
        Optional<Double> yardstick = r(table);
        Files.delete(table);
        return new Refit(records, cold, seconds[seconds.length / 2], oneMore, yardstick, used);
    }

    private static double oneMore(RiskModel risk, List<Trial> later) {
        double[] seconds = new double[later.size()];
        for (int run = 0; run < seconds.length; run++) {
            long start = System.nanoTime();
            risk.with(later.get(run));
            seconds[run] = (System.nanoTime() - start) / 1e9;
        }
        Arrays.sort(seconds);
        return seconds[seconds.length / 2];
    }

    private static Optional<Double> r(Path table) throws IOException, InterruptedException {
        Path script = Files.createTempFile("polr", ".R");
        Files.writeString(script, SCRIPT);
        try {
            Process process = new ProcessBuilder("Rscript", "--vanilla", script.toString(), table.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD).start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
            return process.waitFor() == 0 ? Optional.of(Double.parseDouble(said)) : Optional.empty();
        } catch (IOException notInstalled) {
            return Optional.empty();
        } finally {
            Files.delete(script);
        }
    }

    static String beside(Refit refit, String aim) {
        String r = refit.yardstick().map(seconds -> String.format(Locale.ROOT, "%.2f × MASS::polr of R on the same table (%.2f s); ",
                refit.seconds() / seconds, seconds)).orElse("");
        return r + aim + String.format(Locale.ROOT, "; one record more counted in %.0f ms; heap in use %d MiB; the first fit, every piece followed anew, %.1f s",
                1000 * refit.oneMore(), refit.mebibytes(), refit.cold());
    }
}
