package brachion.load;

import brachion.endure.LaunchedProduct;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicBoolean;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Twenty pieces under way, ten of them in the heat, four instruments at 1 Hz and eight screens that look on. */
final class FullBench {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int PIECES = 20;
    private static final int IN_THE_HEAT = 10;
    private static final int SCREENS = 8;
    private static final int SECONDS = 60;
    private static final int TICKS_PER_SECOND = 100;
    private static final int USER_AND_SYSTEM = 11;
    private static final String TAP = "a tap";
    private static final String EMPTY = "an empty request";

    private final LaunchedProduct product;
    private final HttpClient client = HttpClient.newHttpClient();
    private final AtomicBoolean over = new AtomicBoolean();
    private final List<Thread> threads = new ArrayList<>();
    private final Times times = new Times();

    FullBench(LaunchedProduct product) {
        this.product = product;
    }

    List<String> measure() throws IOException, InterruptedException {
        List<Long> heated = lay();
        for (String kind : List.of("THERMOMETER", "THERMOMETER", "SCALE", "ROOM")) {
            instrument(kind);
        }
        for (int i = 0; i < SCREENS; i++) {
            start(this::screen);
        }
        Thread.sleep(20_000);
        double before = processorSeconds();
        Thread.sleep(SECONDS * 1000L);
        double share = (processorSeconds() - before) / SECONDS;
        for (int i = 0; i < 2 * SECONDS; i++) {
            long piece = heated.get(i % heated.size());
            timed(TAP, product.request("/api/bench/" + piece + "/taps")
                    .POST(BodyPublishers.ofString("{\"tap\": \"READING\", \"celsius\": 97, \"saidAt\": \"%s\"}".formatted(Instant.now()))).build());
            timed(EMPTY, product.request("/actuator/health/liveness").build());
            Thread.sleep(400);
        }
        over.set(true);
        threads.forEach(Thread::interrupt);
        double more = times.quantile(TAP, 0.99) - times.quantile(EMPTY, 0.99);
        return List.of(String.format(Locale.ROOT, "| server beside %d pieces (%d in the heat), 4 instruments at 1 Hz and %d screens | %.0f %% of a core | aim: 25 %% |",
                        PIECES, IN_THE_HEAT, SCREENS, 100 * share),
                String.format(Locale.ROOT, "| a tap then, 99 of 100 within | %.0f ms | %.0f ms more than an empty request (%.0f ms); aim: 50 ms more |",
                        times.quantile(TAP, 0.99), more, times.quantile(EMPTY, 0.99)));
    }

    private interface Work {

        void go() throws IOException, InterruptedException;
    }

    private void start(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.go();
            } catch (IOException | RuntimeException ended) {
                if (!over.get()) {
                    times.failed(ended.toString());
                    throw new IllegalStateException(ended);
                }
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        });
        thread.setDaemon(true);
        threads.add(thread);
        thread.start();
    }

    private JsonNode answered(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> answer = product.send(request);
        if (answer.statusCode() >= 300) {
            throw new IllegalStateException(request.uri() + " was answered " + answer.statusCode() + ": " + answer.body());
        }
        return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
    }

    private JsonNode post(String path, String body) throws IOException, InterruptedException {
        return answered(product.request(path).POST(BodyPublishers.ofString(body)).build());
    }

    private void timed(String what, HttpRequest request) throws IOException, InterruptedException {
        long sent = System.nanoTime();
        answered(request);
        times.add(what, (System.nanoTime() - sent) / 1e6);
    }

    /** Fills the bench; gives those that are in the heat. */
    private List<Long> lay() throws IOException, InterruptedException {
        JsonNode there = pieces();
        for (int waited = 0; there.isEmpty() && waited < SECONDS; waited++) {
            // the sample is being written
            Thread.sleep(1000);
            there = pieces();
        }
        String recipe = there.valueStream().filter(piece -> piece.get("step").asString().equals("HEATING")).findFirst().orElseThrow().get("recipe").toString();
        List<Long> heated = new ArrayList<>();
        for (int i = there.size(); i < PIECES; i++) {
            long id = post("/api/bench", "{\"name\": \"Piece %d\", \"recipe\": %s}".formatted(i, recipe)).get("id").asLong();
            if (heated.size() < IN_THE_HEAT - 1) {
                post("/api/bench/" + id + "/taps", "{\"tap\": \"INTO_HEAT\", \"saidAt\": \"%s\"}".formatted(Instant.now().minusSeconds(60L * i)));
                heated.add(id);
            }
        }
        return heated;
    }

    private JsonNode pieces() throws IOException, InterruptedException {
        return answered(product.request("/api/bench").build()).get("pieces");
    }

    private void instrument(String kind) throws IOException, InterruptedException {
        JsonNode told = post("/api/instruments", "{\"name\": \"Of the measurement\", \"kind\": \"%s\"}".formatted(kind));
        String measured = switch (kind) {
            case "SCALE" -> "\"massG\": 412";
            case "ROOM" -> "\"celsius\": 18, \"humidityPercent\": 50";
            default -> "\"celsius\": 97.4";
        };
        start(() -> {
            while (!over.get()) {
                HttpRequest sent = product.request("/api/instruments/" + told.get("id").asLong() + "/readings").setHeader("Authorization", "Bearer " + told.get("token").asString())
                        .POST(BodyPublishers.ofString("{\"readings\": [{\"readAt\": \"%s\", %s}]}".formatted(Instant.now(), measured))).build();
                answered(sent);
                Thread.sleep(1000);
            }
        });
    }

    /** Looks as the page does: after each change, and every three seconds while something is in the heat. */
    private void screen() throws IOException, InterruptedException {
        start(() -> {
            while (!over.get()) {
                answered(product.request("/api/bench").build());
                Thread.sleep(3000);
            }
        });
        HttpResponse<InputStream> stream = client.send(product.request("/api/bench/changes").build(), BodyHandlers.ofInputStream());
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
            String before = "";
            for (String line = lines.readLine(); line != null && !over.get(); line = lines.readLine()) {
                if (line.startsWith("data:")) {
                    String revision = JSON.readTree(line.substring("data:".length())).get("revision").toString();
                    if (!revision.equals(before)) {
                        answered(product.request("/api/bench").build());
                    }
                    before = revision;
                }
            }
        }
    }

    /** What the server has used of the processor so far [s], as the Linux kernel counts it (proc(5), fields 14 and 15 of stat). */
    private double processorSeconds() throws IOException {
        String stat = Files.readString(Path.of("/proc/" + product.pid("server") + "/stat"));
        String[] fields = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
        return (Double.parseDouble(fields[USER_AND_SYSTEM]) + Double.parseDouble(fields[USER_AND_SYSTEM + 1])) / TICKS_PER_SECOND;
    }
}
