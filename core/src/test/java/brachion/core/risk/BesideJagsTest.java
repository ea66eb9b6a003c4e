package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import brachion.core.risk.Observations.Observation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * The posterior of one mode beside JAGS (Plummer, JAGS: just another Gibbs sampler, 2003; Debian's package): the same
 * model, hidden breaks and slips of the pen included, on the same records. Run by {@code ./brachion truth}.
 */
@EnabledIfSystemProperty(named = "brachion.jags", matches = "true", disabledReason = "needs JAGS; run by ./brachion truth")
class BesideJagsTest {

    private static final double HIDDEN = 0.04;
    private static final int RECORDS = 400;
    private static final int BOARDS = 40;
    private static final String[] NAMES = {"alpha", "gamma", "b", "beta"};
    private static final String MODEL = """
            model {
              for (i in 1:n) {
                eta[i] <- b * x[i] + beta * z[i] + u[board[i]]
                clean[i] <- ilogit(alpha - eta[i])
                unbroken[i] <- ilogit(alpha + exp(gamma) - eta[i])
                p[i, 1] <- (1 - h - 2 * slip) * clean[i] + slip
                p[i, 2] <- (1 - h - 2 * slip) * (unbroken[i] - clean[i])
                p[i, 3] <- (1 - h - 2 * slip) * (1 - unbroken[i]) + h + slip
                y[i] ~ dcat(p[i, 1:3])
              }
              for (j in 1:m) { u[j] ~ dnorm(0, 1 / 0.81) }
              alpha ~ dnorm(1.75, 11.1111111)
              gamma ~ dnorm(0.1823216, 6.25)
              b ~ dnorm(6, 1)
              beta ~ dnorm(0, 4)
            }
            """;
    private static final String SCRIPT = """
            model in model.txt
            data in data.txt
            compile, nchains(1)
            parameters in inits.txt
            initialize
            update 3000
            monitor alpha
            monitor gamma
            monitor b
            monitor beta
            update 25000
            coda *
            """;

    @Test
    void means_and_spreads_agree_with_a_long_run(@TempDir Path folder) throws IOException, InterruptedException {
        Random random = new Random(20_261_125);
        double[] boards = random.doubles(BOARDS).map(any -> 0.9 * random.nextGaussian()).toArray();
        List<Observation> rows = new ArrayList<>();
        StringBuilder[] columns = {new StringBuilder(), new StringBuilder(), new StringBuilder(), new StringBuilder()};
        for (int i = 0; i < RECORDS; i++) {
            double x = 0.1 + 0.35 * random.nextGaussian();
            int z = random.nextInt(2);
            int board = random.nextInt(BOARDS);
            double badness = 6 * x + 0.5 * z + boards[board] + Math.log(1 / random.nextDouble() - 1);
            int severity = random.nextDouble() < HIDDEN ? 2 : badness < 1.75 ? 0 : badness < 2.95 ? 1 : 2;
            rows.add(new Observation(new Features(new int[] {0, 1, 2 + board}, new double[] {x, z, 1}), severity, 1));
            Object[] cells = {x, z, board + 1, severity + 1};
            for (int column = 0; column < cells.length; column++) {
                columns[column].append(i == 0 ? "" : ", ").append(cells[column]);
            }
        }
        LaplaceFit fit = LaplaceFit.of(new OrdinalModel(new Observations(rows, 2, BOARDS), prior(), HIDDEN, HiddenShare.SLIP));
        double[][] chain = chain(folder, columns);
        for (int k = 0; k < NAMES.length; k++) {
            double mean = Arrays.stream(chain[k]).average().orElseThrow();
            double sd = Math.sqrt(Arrays.stream(chain[k]).map(each -> (each - mean) * (each - mean)).average().orElseThrow());
            System.out.printf(Locale.ROOT, "%s: JAGS %.3f ± %.3f, ours %.3f ± %.3f%n", NAMES[k], mean, sd, fit.mean()[k],
                    Math.sqrt(fit.variance(k)));
            assertThat(fit.mean()[k]).as("mean of %s", NAMES[k]).isCloseTo(mean, within(0.1 * sd));
            assertThat(Math.sqrt(fit.variance(k))).as("spread of %s", NAMES[k]).isCloseTo(sd, withPercentage(10));
        }
    }

    private static NormalPrior prior() {
        double[] mean = new double[4 + BOARDS];
        double[] sd = new double[4 + BOARDS];
        Arrays.fill(sd, 0.9);
        System.arraycopy(new double[] {1.75, 0.1823216, 6, 0}, 0, mean, 0, 4);
        System.arraycopy(new double[] {0.3, 0.4, 1, 0.5}, 0, sd, 0, 4);
        return new NormalPrior(mean, sd);
    }

    private static double[][] chain(Path folder, StringBuilder[] columns) throws IOException, InterruptedException {
        Files.writeString(folder.resolve("model.txt"), MODEL);
        Files.writeString(folder.resolve("script.txt"), SCRIPT);
        Files.writeString(folder.resolve("inits.txt"), """
                ".RNG.name" <- "base::Mersenne-Twister"
                ".RNG.seed" <- 7
                """);
        Files.writeString(folder.resolve("data.txt"), """
                n <- %d
                m <- %d
                h <- %s
                slip <- %s
                x <- c(%s)
                z <- c(%s)
                board <- c(%s)
                y <- c(%s)
                """.formatted(RECORDS, BOARDS, HIDDEN, HiddenShare.SLIP, columns[0], columns[1], columns[2], columns[3]));
        Process jags = new ProcessBuilder("jags", "script.txt").directory(folder.toFile()).redirectErrorStream(true)
                .redirectOutput(folder.resolve("log.txt").toFile()).start();
        assertThat(jags.waitFor()).as(() -> read(folder.resolve("log.txt"))).isZero();
        List<double[]> draws = new ArrayList<>();
        for (String line : Files.readAllLines(folder.resolve("CODAindex.txt"))) {
            String[] cells = line.split(" ");
            draws.add(Files.readAllLines(folder.resolve("CODAchain1.txt")).subList(Integer.parseInt(cells[1]) - 1,
                    Integer.parseInt(cells[2])).stream().mapToDouble(each -> Double.parseDouble(each.strip().split("\\s+")[1])).toArray());
        }
        return draws.toArray(double[][]::new);
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException gone) {
            return "no output";
        }
    }
}
