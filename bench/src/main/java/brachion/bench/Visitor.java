package brachion.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.function.IntFunction;

/** Whoever asks a running server, as a page of it does. */
final class Visitor {

    /** What costs least to answer. */
    static final String EMPTY = "/actuator/health/liveness";

    private final RequestLoad load = new RequestLoad();
    private final RunningServer server;
    private final String token;

    Visitor(RunningServer server) throws IOException, InterruptedException {
        this.server = server;
        token = load.client().send(get(EMPTY).apply(0), HttpResponse.BodyHandlers.discarding()).headers()
                .firstValue("Set-Cookie").orElseThrow().replaceAll("XSRF-TOKEN=([^;]+).*", "$1");
    }

    RequestLoad load() {
        return load;
    }

    IntFunction<HttpRequest> get(String path) {
        return turn -> HttpRequest.newBuilder(server.at(path)).build();
    }

    IntFunction<HttpRequest> post(String path, IntFunction<String> json) {
        return turn -> to(path, "application/json").POST(HttpRequest.BodyPublishers.ofString(json.apply(turn))).build();
    }

    /** A request that carries something of a kind. */
    HttpRequest.Builder to(String path, String type) {
        return HttpRequest.newBuilder(server.at(path)).header("Content-Type", type).header("Cookie", "XSRF-TOKEN=" + token).header("X-XSRF-TOKEN", token);
    }
}
