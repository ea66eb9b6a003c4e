package brachion.load;

import brachion.endure.LaunchedProduct;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;

/** Somebody at the bench, who asks, thinks about the answer and asks again. */
final class Person implements Runnable {

    private static final String RECIPE = """
            {"blank": {"speciesId": "%s", "seasoning": "AIR_DRIED", "moisturePercent": %d, "growthRings": "FLAT", "grainRun": 20, "knots": "CLEAR",
             "thicknessMm": %.2f, "widthMm": 25}, "innerRadiusMm": %d, "angleDegrees": 180, "method": {"kind": "STEAM_BOX", "soakHours": 0,
             "steamMinutes": 60, "chamberC": 98, "carrySeconds": 15}}""";
    private static final String MARKS = ", \"marks\": {\"radiusMm\": 3.175, \"thicknessMm\": 0.79375}";
    private static final String MAP = ", \"thinnestMm\": 2, \"thickestMm\": 40, \"tightestMm\": 30, \"widestMm\": 1200, \"columns\": 60, \"rows\": 40";
    private static final String TRIAL = """
            {"bentOn": "2026-11-24", "recipe": %s, "done": {"stages": [], "chamber": []}, "outcome": {"severity": "%s"}, "note": "On a busy day"}""";

    private final LaunchedProduct product;
    private final Times times;
    private final long untilNs;
    private final Random random;

    Person(LaunchedProduct product, Times times, long untilNs, long seed) {
        this.product = product;
        this.times = times;
        this.untilNs = untilNs;
        this.random = new Random(seed);
    }

    @Override
    public void run() {
        try {
            while (System.nanoTime() < untilNs) {
                Thread.sleep(1000 + random.nextInt(4000));
                ask();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (IOException broken) {
            times.failed("a request that was not answered: " + broken);
        }
    }

    /** The mix of a day: 70 forecasts, 10 lists, 10 bends logged, 5 times advice and 5 maps in a hundred. */
    private void ask() throws IOException, InterruptedException {
        int chance = random.nextInt(100);
        if (chance < 70) {
            post("forecast", "/api/forecast", "{\"recipe\": " + recipe() + "}");
        } else if (chance < 80) {
            timed("list", product.request("/api/trials?size=20").build());
        } else if (chance < 90) {
            post("bend logged", "/api/trials", TRIAL.formatted(recipe(), "CLEAN"));
        } else if (chance < 95) {
            post("advice", "/api/forecast/levers", "{\"recipe\": " + recipe() + ", \"wanted\": 0.9" + MARKS + "}");
        } else {
            post("map", "/api/forecast/map", "{\"recipe\": " + recipe() + MAP + "}");
        }
    }

    private String recipe() {
        return String.format(Locale.ROOT, RECIPE, List.of("white-ash", "white-oak", "beech").get(random.nextInt(3)), 12 + 4 * random.nextInt(3),
                6.35 + 3.175 * random.nextInt(5), 100 + 5 * random.nextInt(80));
    }

    private void post(String what, String path, String body) throws IOException, InterruptedException {
        timed(what, product.request(path).header("Idempotency-Key", UUID.randomUUID().toString()).POST(BodyPublishers.ofString(body)).build());
    }

    private void timed(String what, HttpRequest request) throws IOException, InterruptedException {
        long sent = System.nanoTime();
        HttpResponse<String> answer = product.send(request);
        times.add(what, (System.nanoTime() - sent) / 1e6);
        if (answer.statusCode() >= 400) {
            times.failed(what + " was answered " + answer.statusCode() + " " + answer.body());
        }
    }
}
