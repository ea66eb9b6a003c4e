package brachion.server;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.concurrent.CompletableFuture;

/** Asks a server over a real connection, and may write. */
public final class Client {

    private static final String TOKEN = "a-token-of-the-test";

    private final HttpClient http = HttpClient.newHttpClient();
    private final int port;

    public Client(int port) {
        this.port = port;
    }

    public HttpRequest.Builder request(String method, String path, String body) {
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path)).header("Cookie", "XSRF-TOKEN=" + TOKEN)
                .header("X-XSRF-TOKEN", TOKEN).method(method, BodyPublishers.ofString(body));
    }

    public HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        return http.send(request, BodyHandlers.ofString());
    }

    public CompletableFuture<HttpResponse<String>> sendAsync(HttpRequest request) {
        return http.sendAsync(request, BodyHandlers.ofString());
    }

    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return send(request("GET", path, "").build());
    }

    /** What a server goes on telling, until it is closed. */
    public InputStream listen(String path) throws IOException, InterruptedException {
        return http.send(HttpRequest.newBuilder(URI.create("http://localhost:" + port + path)).build(), BodyHandlers.ofInputStream()).body();
    }

    public HttpRequest json(String method, String path, String json) {
        return request(method, path, json).header("Content-Type", "application/json").build();
    }

    public HttpResponse<String> post(String path, String json) throws IOException, InterruptedException {
        return send(json("POST", path, json));
    }

    public HttpResponse<String> put(String path, String json) throws IOException, InterruptedException {
        return send(json("PUT", path, json));
    }
}
