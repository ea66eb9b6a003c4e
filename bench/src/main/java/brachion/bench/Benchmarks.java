package brachion.bench;

import brachion.bench.bare.BareApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Measures everything and writes the table. Called by {@code ./brachion bench}. */
public final class Benchmarks {

    private static final int STARTS = 5;
    private static final Map<String, String> AIMS = Map.of(
            "wholeRecipe", "aim: 10 ms, within 1 % of a fine grid (a core test holds the accuracy)",
            "thicknessSweep", "aim: 300 ms", "bendMap", "aim: 250 ms", "bendMapAnew", "aim: 1,000 ms",
            "sideBySide", "every way to one curve; aim: 60 ms",
            "hotPipe", "aim: 5 ms",
            "search", "every combination of all woods; aim: 2,000 ms",
            "forecastUnmeasured", "15 possibilities", "forecastMeasured", "heat and water remembered");
    private static final Map<String, String> AIMS_OF_THE_DAY = Map.of("twelvePiecesAtOnce", "aim: 300 ms", "twelvePiecesSearched", "5,000 tries; aim: 3,000 ms and within 10 % of the bound",
            "twoHundredPiecesAtOnce", "aim: 3,000 ms");

    private final List<String> rows = new ArrayList<>();

    private Benchmarks() {
    }

    /** @param arguments the file to write the table to */
    public static void main(String[] arguments) throws Exception {
        Benchmarks benchmarks = new Benchmarks();
        benchmarks.core();
        benchmarks.refits();
        benchmarks.server();
        benchmarks.write(Path.of(arguments[0]));
    }

    private void core() throws RunnerException {
        for (RunResult result : new Runner(new OptionsBuilder().include("brachion.bench.CoreBenchmarks").include("brachion.bench.ScheduleBenchmarks").build()).run()) {
            String name = result.getPrimaryResult().getLabel();
            double score = result.getPrimaryResult().getScore();
            String unit = result.getPrimaryResult().getScoreUnit().replace("/op", "").replace("us", "µs");
            row("core: " + name, "%.1f %s (± %.1f)".formatted(score, unit, result.getPrimaryResult().getScoreError()),
                    AIMS.getOrDefault(name, AIMS_OF_THE_DAY.getOrDefault(name, "")));
        }
        row("core: the plan of twelve pieces", ScheduleBenchmarks.besideTheBound(), "aim: 10 %");
    }

    private void refits() throws IOException, InterruptedException {
        for (int records : new int[] {1_000, 10_000, 100_000}) {
            Refits.Refit refit = Refits.measure(records);
            row("fit from kept features of %,d records, %,d boards, all pieces unlike, 30 %% unmeasured"
                    .formatted(records, records / 3), "%.2f s".formatted(refit.seconds()),
                    Refits.beside(refit, "aim %s s".formatted(records == 1_000 ? "0.1" : records == 10_000 ? "0.5" : "6")));
        }
    }

    private void server() throws Exception {
        List<String> ours = List.of("java", "-XX:SharedArchiveFile=" + System.getenv("BRACHION_ARCHIVE"), "-Xshare:auto",
                "-Xlog:cds=off", "-Xlog:cds+dynamic=off", "-Xmx512m", "-XX:+UseSerialGC",
                "-jar", System.getenv("BRACHION_APP"), "--brachion.demo=true");
        List<String> bare = List.of("java", "-Xmx512m", "-XX:+UseSerialGC", "-cp",
                System.getProperty("java.class.path"), BareApplication.class.getName(), "--server.address=127.0.0.1");
        Map<String, String> database = Map.of(
                "SPRING_DATASOURCE_URL", System.getenv("BRACHION_DB_URL"),
                "SPRING_DATASOURCE_USERNAME", System.getenv("BRACHION_DB_USER"),
                "SPRING_DATASOURCE_PASSWORD", System.getenv("BRACHION_DB_PASSWORD"));
        double[] oursSeconds = new double[STARTS];
        double[] bareSeconds = new double[STARTS];
        for (int start = 0; start < STARTS; start++) {
            try (RunningServer server = RunningServer.start(ours, Map.of())) {
                oursSeconds[start] = server.secondsToHealthy();
                if (start == STARTS - 1) {
                    requests(server);
                }
            }
            try (RunningServer server = RunningServer.start(bare, database)) {
                bareSeconds[start] = server.secondsToHealthy();
            }
        }
        try (RunningServer server = RunningServer.start(ours, Map.of())) {
            int records = Restart.measure(server, this::row);
            new Requests(server, this::row).measureAmong(records);
        }
        double our = median(oursSeconds);
        double yardstick = median(bareSeconds);
        row("start-up to first healthy answer", "%.1f s".formatted(our),
                "%.2f × a bare Spring Boot + JPA application (%.1f s)".formatted(our / yardstick, yardstick));
    }

    private void requests(RunningServer server) throws IOException, InterruptedException {
        Requests requests = new Requests(server, this::row);
        requests.measure();
        FirstViews.measure(server, this::row);
        row("first page load, compressed", "%.0f kB".formatted(FirstLoad.kilobytes(server, requests.load().client())), "aim: 300 kB");
        new LongTable(requests, this::row).measure();
        row("peak memory of the server after these requests", "%.0f MiB".formatted(server.peakMemoryMib()), "heap limit 512 MiB");
        Restart.fill(requests.visitor());
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private void row(String what, String value, String beside) {
        String row = "| %s | %s | %s |".formatted(what, value, beside);
        rows.add(row);
        System.out.println(row);
    }

    private void write(Path file) throws IOException {
        String cpu = Files.readAllLines(Path.of("/proc/cpuinfo")).stream().filter(line -> line.startsWith("model name"))
                .findFirst().map(line -> line.replaceAll(".*: ", "")).orElse("unknown processor");
        String head = """
                # Benchmarks

                Made by `./brachion bench` on %s: %d cores (%s), %d GiB of memory, Java %s.
                Absolute times depend on the machine and its other guests; the ratios travel better.

                | what | value | beside |
                |---|---|---|
                """.formatted(LocalDate.now(), Runtime.getRuntime().availableProcessors(), cpu, memoryGib(),
                System.getProperty("java.version"));
        Files.writeString(file, head + String.join("\n", rows) + "\n");
    }

    private static long memoryGib() throws IOException {
        return Files.readAllLines(Path.of("/proc/meminfo")).stream().filter(line -> line.startsWith("MemTotal"))
                .mapToLong(line -> Math.round(Long.parseLong(line.replaceAll("\\D", "")) / 1048576.0)).findFirst()
                .orElseThrow();
    }
}
