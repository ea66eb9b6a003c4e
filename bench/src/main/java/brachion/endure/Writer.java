package brachion.endure;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Somebody who logs bends and corrects them without a pause, and sends again what was not acknowledged. */
final class Writer implements Runnable {

    /** A trial of a thickness, a person and a note. */
    static final String TRIAL = """
            {"bentOn": "2026-11-24", "recipe": {"blank": {"speciesId": "white-ash", "seasoning": "AIR_DRIED", "moisturePercent": 18,
             "growthRings": "FLAT", "grainRun": 25, "knots": "CLEAR", "thicknessMm": %s, "widthMm": 25}, "innerRadiusMm": 200,
             "angleDegrees": 180, "method": {"kind": "STEAM_BOX", "soakHours": 0, "steamMinutes": 45, "chamberC": 98, "carrySeconds": 15},
             "person": "%s"}, "done": {"stages": [{"kind": "STEAM_BOX", "actualMinutes": 50}], "chamber": []},
             "outcome": {"severity": "CLEAN", "releasedRadiusMm": 208}, "note": "%s"}""";

    private final LaunchedProduct product;
    private final String name;
    private final List<String> acknowledged = new ArrayList<>();
    private final List<String> refused = new ArrayList<>();
    private volatile boolean goOn = true;
    private int sentAgain;

    Writer(LaunchedProduct product, String name) {
        this.product = product;
        this.name = name;
    }

    void stop() {
        goOn = false;
    }

    /** What was acknowledged: the note of each trial and how often it was corrected. */
    List<String> acknowledged() {
        return acknowledged;
    }

    /** What was answered with neither a yes nor a request to come again. */
    List<String> refused() {
        return refused;
    }

    int sentAgain() {
        return sentAgain;
    }

    @Override
    public void run() {
        try {
            for (int number = 0; goOn; number++) {
                write(name + "-" + number, number);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** Every third trial is corrected once, which counts its version up. */
    private void write(String note, int number) throws InterruptedException {
        HttpResponse<String> logged = untilAnswered("POST", "/api/trials", TRIAL.formatted("12", name, note));
        if (logged.statusCode() != 201) {
            refused.add(note + ": " + logged.statusCode() + " " + logged.body());
            return;
        }
        int version = 0;
        if (number % 3 == 0) {
            String id = logged.body().replaceAll("^\\{\"id\":(\\d+).*", "$1");
            HttpResponse<String> corrected = untilAnswered("PUT", "/api/trials/" + id + "?version=0", TRIAL.formatted("11", name, note));
            if (corrected.statusCode() == 200) {
                version = 1;
            } else {
                refused.add(note + " corrected: " + corrected.statusCode() + " " + corrected.body());
            }
        }
        acknowledged.add(note + " version " + version);
    }

    private HttpResponse<String> untilAnswered(String method, String path, String body) throws InterruptedException {
        String key = UUID.randomUUID().toString();
        while (true) {
            try {
                HttpRequest request = product.request(path).header("Idempotency-Key", key).method(method, BodyPublishers.ofString(body)).build();
                HttpResponse<String> answer = product.send(request);
                if (answer.statusCode() < 500) {
                    return answer;
                }
            } catch (IOException | IllegalArgumentException notThere) {
                // sent again with the same key
            }
            sentAgain++;
            Thread.sleep(50);
        }
    }
}
