package brachion.bench;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.function.IntFunction;

/** Sends requests one at a time over one kept connection. */
final class RequestLoad {

    private final HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    /**
     * Median time of an answer [ms]; every answer must be a good one.
     *
     * @param request the request to send at a turn
     * @param warmUp  turns that are not measured
     * @param turns   turns that are
     */
    double medianMillis(IntFunction<HttpRequest> request, int warmUp, int turns) throws IOException, InterruptedException {
        return median(request, warmUp, turns, answer -> answer.readAllBytes());
    }

    /** The same until the first line of an answer is there; it is read to its end before the next is asked. */
    double medianMillisToTheFirstLine(IntFunction<HttpRequest> request, int warmUp, int turns) throws IOException, InterruptedException {
        return median(request, warmUp, turns, RequestLoad::readALine);
    }

    private static void readALine(InputStream answer) throws IOException {
        int sign = answer.read();
        while (sign >= 0 && sign != '\n') {
            sign = answer.read();
        }
    }

    /** How much of an answer is waited for. */
    private interface WaitedFor {
        void read(InputStream answer) throws IOException;
    }

    private double median(IntFunction<HttpRequest> request, int warmUp, int turns, WaitedFor waited) throws IOException, InterruptedException {
        double[] millis = new double[turns];
        for (int i = -warmUp; i < turns; i++) {
            HttpRequest next = request.apply(i + warmUp);
            long sent = System.nanoTime();
            HttpResponse<InputStream> answer = client.send(next, HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream body = new BufferedInputStream(answer.body())) {
                if (answer.statusCode() != 200) {
                    throw new Refused("answered " + answer.statusCode() + " at turn " + i);
                }
                waited.read(body);
                if (i >= 0) {
                    millis[i] = (System.nanoTime() - sent) / 1e6;
                }
                body.readAllBytes();
            }
        }
        Arrays.sort(millis);
        return millis[turns / 2];
    }

    HttpClient client() {
        return client;
    }

    /** A request that was not answered as it should be; the measurements after it still tell something. */
    static final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Refused(String answer) {
            super(answer);
        }
    }
}
