package brachion.bench;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;

/** Sends the same request again and again, one at a time, over one kept connection. */
final class RequestLoad {

    private static final int WARM_UP = 1500;
    private static final int MEASURED = 2000;

    private final HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    /** Median time of an answer [ms]; every answer must be a good one. */
    double medianMillis(HttpRequest request) throws IOException, InterruptedException {
        double[] millis = new double[MEASURED];
        for (int i = -WARM_UP; i < MEASURED; i++) {
            long sent = System.nanoTime();
            HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(request + " was answered " + answer.statusCode());
            }
            if (i >= 0) {
                millis[i] = (System.nanoTime() - sent) / 1e6;
            }
        }
        Arrays.sort(millis);
        return millis[MEASURED / 2];
    }

    HttpClient client() {
        return client;
    }
}
