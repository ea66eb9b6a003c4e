package brachion.load;

import brachion.endure.LaunchedProduct;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Thirty-two people use the demo workshop at once. */
final class Load {

    private static final int PEOPLE = 32;
    private static final String EMPTY = "an empty request, all the while";
    private static final Pattern HEAP = Pattern.compile("used (\\d+)K");

    private Load() {
    }

    /** @param arguments the one command, a folder for data, the report to write, the minutes */
    public static void main(String[] arguments) throws Exception {
        long minutes = arguments.length > 3 ? Long.parseLong(arguments[3]) : 10;
        try (LaunchedProduct product = LaunchedProduct.start(Path.of(arguments[0]), Path.of(arguments[1]), "demo")) {
            Times times = new Times();
            warmUp(product);
            double heapBefore = heapMib(product);
            long until = System.nanoTime() + Duration.ofMinutes(minutes).toNanos();
            List<Thread> people = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                people.add(new Thread(new Person(product, times, until, i)));
            }
            people.forEach(Thread::start);
            while (System.nanoTime() < until) {
                long sent = System.nanoTime();
                product.send(product.request("/actuator/health/liveness").build());
                times.add(EMPTY, (System.nanoTime() - sent) / 1e6);
                Thread.sleep(200);
            }
            for (Thread person : people) {
                person.join();
            }
            List<String> report = report(times, minutes, heapBefore, heapMib(product));
            Files.write(Path.of(arguments[2]), report);
            System.out.println(String.join("\n", report));
        }
    }

    /** A minute by a few, not counted. */
    private static void warmUp(LaunchedProduct product) throws InterruptedException {
        long until = System.nanoTime() + Duration.ofMinutes(1).toNanos();
        List<Thread> few = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            few.add(new Thread(new Person(product, new Times(), until, 1000 + i)));
        }
        few.forEach(Thread::start);
        for (Thread one : few) {
            one.join();
        }
    }

    private static List<String> report(Times times, long minutes, double heapBefore, double heapAfter) {
        List<String> report = new ArrayList<>(List.of("# A busy day", "", "Made by `./brachion load` on " + LocalDate.now() + ": " + PEOPLE
                + " people for " + minutes + " minutes, each with 1 to 5 s to think between questions, on "
                + Runtime.getRuntime().availableProcessors() + " cores that also carry the people and the database.", "",
                "| question | asked | median | 99 of 100 within | longest |", "|---|---|---|---|---|"));
        for (String kind : times.kinds()) {
            report.add(String.format(Locale.ROOT, "| %s | %d | %.0f ms | %.0f ms | %.0f ms |", kind, times.count(kind), times.quantile(kind, 0.5),
                    times.quantile(kind, 0.99), times.quantile(kind, 1)));
        }
        report.addAll(List.of("", "Aim: 99 of 100 within 300 ms for all but the map.", "", String.format(Locale.ROOT,
                "Not answered, or answered with a refusal: %d. Heap in use after a collection: %.0f MiB before, %.0f MiB after.",
                times.failures().size(), heapBefore, heapAfter), ""));
        times.failures().stream().distinct().limit(10).forEach(each -> report.add("- " + each));
        return report;
    }

    private static double heapMib(LaunchedProduct product) throws IOException, InterruptedException {
        String pid = Long.toString(product.pid("server"));
        said("jcmd", pid, "GC.run");
        Matcher used = HEAP.matcher(said("jcmd", pid, "GC.heap_info"));
        double kib = 0;
        while (used.find()) {
            kib += Double.parseDouble(used.group(1));
        }
        return kib / 1024;
    }

    private static String said(String... words) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(words).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }
}
