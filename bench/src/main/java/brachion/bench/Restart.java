package brachion.bench;

import brachion.bench.Requests.Rows;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long a shop with many records waits for its first forecast after the server was started again. */
final class Restart {

    private static final int BENDS = 10_000;
    private static final Pattern TRIALS = Pattern.compile("\"trials\":(\\d+)");
    private static final Pattern FITTED = Pattern.compile("Fitted (\\d+) records that were kept together in (\\d+) ms");
    private static final int LOOK_EACH_MS = 20;

    private Restart() {
    }

    /** Fills the shop, and goes on once a fit of all of it was made. */
    static void fill(Visitor visitor) throws IOException, InterruptedException {
        String came = visitor.load().client().send(visitor.to("/api/exchange/trials?fileName=restart.csv", "text/csv").POST(BodyPublishers.ofByteArray(LongTable.bends(BENDS))).build(),
                HttpResponse.BodyHandlers.ofString()).body();
        if (trials(visitor) < BENDS) {
            throw new IllegalStateException("They did not come in: " + came);
        }
    }

    /** Asks a server that was just started on that shop, before it was asked anything else; gives how many records there are. */
    static int measure(RunningServer started, Rows rows) throws IOException, InterruptedException {
        long asked = System.nanoTime();
        trials(new Visitor(started));
        double seconds = (System.nanoTime() - asked) / 1e9;
        Matcher fit = FITTED.matcher(started.said());
        if (!fit.find()) {
            throw new IllegalStateException("The records were not kept together");
        }
        int records = Integer.parseInt(fit.group(1));
        rows.add(String.format(Locale.ROOT, "first fit after a restart, %,d records", records), String.format(Locale.ROOT, "%.1f s", Integer.parseInt(fit.group(2)) / 1e3),
                String.format(Locale.ROOT, "aim: 2 s; the first forecast is there %.1f s after the first healthy answer", seconds));
        return records;
    }

    /** Trials of the newest fit, once a forecast rests on that. */
    private static int trials(Visitor visitor) throws IOException, InterruptedException {
        HttpRequest forecast = Requests.forecast(visitor);
        while (true) {
            HttpResponse<String> answer = visitor.load().client().send(forecast, HttpResponse.BodyHandlers.ofString());
            Matcher trials = TRIALS.matcher(answer.body());
            if (answer.statusCode() == 200 && trials.find() && answer.body().contains("\"behind\":false")) {
                return Integer.parseInt(trials.group(1));
            }
            Thread.sleep(LOOK_EACH_MS);
        }
    }
}
