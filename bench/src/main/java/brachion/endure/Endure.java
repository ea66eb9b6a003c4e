package brachion.endure;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Kills the product twenty times under writing, then fills its disk, and counts what is left. */
final class Endure {

    private static final int DEATHS = 20;
    private static final int WRITERS = 4;
    private static final Pattern TRIAL = Pattern.compile("\"id\":\\d+,\"version\":(\\d+),.*?\"note\":\"([^\"]*)\"");

    private final LaunchedProduct product;
    private final Random random;

    private Endure(LaunchedProduct product, Random random) {
        this.product = product;
        this.random = random;
    }

    /** @param arguments the one command, a folder for data, the report to write, the seed */
    public static void main(String[] arguments) throws Exception {
        Path command = Path.of(arguments[0]);
        Path home = Path.of(arguments[1]);
        long seed = arguments.length > 3 ? Long.parseLong(arguments[3]) : System.nanoTime();
        List<String> report = new ArrayList<>(List.of("# What the product withstands", "",
                "Made by `./brachion endure` on " + LocalDate.now() + ", seed " + seed + ". " + WRITERS
                        + " people write without a pause and send again, with the same key, what was not acknowledged.", ""));
        boolean well;
        try (LaunchedProduct product = LaunchedProduct.start(command, home, "start")) {
            well = new Endure(product, new Random(seed)).killed(report);
        }
        well &= new FullDisk(command, home.resolve("full")).tried(report);
        report.add("");
        Files.write(Path.of(arguments[2]), report);
        System.out.println(String.join("\n", report));
        System.exit(well ? 0 : 1);
    }

    private boolean killed(List<String> report) throws IOException, InterruptedException {
        List<Writer> writers = new ArrayList<>();
        List<Thread> hands = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            Writer writer = new Writer(product, "writer " + i);
            writers.add(writer);
            hands.add(new Thread(writer));
        }
        hands.forEach(Thread::start);
        Map<String, double[]> back = new TreeMap<>();
        for (int death = 0; death < DEATHS; death++) {
            Thread.sleep(500 + random.nextInt(3000));
            String victim = List.of("server", "database", "both at once", "power: launcher, server and database").get(death % 4);
            long killed = System.nanoTime();
            switch (death % 4) {
                case 0 -> product.kill("server");
                case 1 -> product.kill("db");
                case 2 -> {
                    product.kill("db");
                    product.kill("server");
                }
                default -> {
                    product.cutPower();
                    product.launch();
                }
            }
            product.waitUntilItAnswers();
            double seconds = (System.nanoTime() - killed) / 1e9;
            back.merge(victim, new double[] {seconds}, (some, one) -> {
                double[] all = Arrays.copyOf(some, some.length + 1);
                all[some.length] = one[0];
                return all;
            });
        }
        Thread.sleep(2000);
        writers.forEach(Writer::stop);
        for (Thread hand : hands) {
            hand.join();
        }
        return counted(writers, back, report);
    }

    private boolean counted(List<Writer> writers, Map<String, double[]> back, List<String> report) throws IOException, InterruptedException {
        List<String> acknowledged = writers.stream().flatMap(writer -> writer.acknowledged().stream()).toList();
        List<String> refused = writers.stream().flatMap(writer -> writer.refused().stream()).toList();
        List<String> kept = kept();
        TreeSet<String> lost = new TreeSet<>(acknowledged);
        kept.forEach(lost::remove);
        TreeSet<String> unknown = new TreeSet<>(kept);
        acknowledged.forEach(unknown::remove);
        int twice = kept.size() - new TreeSet<>(kept).size();
        report.addAll(List.of("| killed with signal 9 | times | answers again after, longest |", "|---|---|---|"));
        back.forEach((victim, seconds) -> report.add(String.format(Locale.ROOT, "| %s | %d | %.1f s |", victim, seconds.length,
                Arrays.stream(seconds).max().orElseThrow())));
        report.addAll(List.of("", String.format(Locale.ROOT,
                "Of %d trials acknowledged (every third corrected once) **%d are lost, %d are there twice**, %d are there that nobody was told of; "
                        + "%d writes were sent again; %d were refused.", acknowledged.size(), lost.size(), twice, unknown.size(),
                writers.stream().mapToInt(Writer::sentAgain).sum(), refused.size()), ""));
        lost.stream().limit(10).forEach(each -> report.add("- lost: " + each));
        unknown.stream().limit(10).forEach(each -> report.add("- unknown: " + each));
        refused.stream().limit(10).forEach(each -> report.add("- refused: " + each));
        return lost.isEmpty() && twice == 0 && unknown.isEmpty() && refused.isEmpty();
    }

    /** What the list says: the note of each trial and its version. */
    private List<String> kept() throws IOException, InterruptedException {
        List<String> kept = new ArrayList<>();
        for (int page = 0; kept.size() == 200 * page; page++) {
            Matcher trials = TRIAL.matcher(product.send(product.request("/api/trials?size=200&page=" + page).build()).body());
            while (trials.find()) {
                kept.add(trials.group(2) + " version " + trials.group(1));
            }
        }
        return kept;
    }
}
