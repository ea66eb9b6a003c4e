package brachion.endure;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;

/** The product as a person starts it, with its processes within reach. */
public final class LaunchedProduct implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final String TOKEN = "0123456789abcdef";

    private final Path command;
    private final Path home;
    private final String what;
    private final HttpClient client = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).connectTimeout(Duration.ofSeconds(5)).build();
    private Process launcher;

    private LaunchedProduct(Path command, Path home, String what) {
        this.command = command;
        this.home = home;
        this.what = what;
    }

    /**
     * Starts it and waits until it answers.
     *
     * @param command the one command
     * @param home    folder for its data
     * @param what    {@code start} or {@code demo}
     */
    public static LaunchedProduct start(Path command, Path home, String what) throws IOException, InterruptedException {
        LaunchedProduct product = new LaunchedProduct(command, home, what);
        product.launch();
        return product;
    }

    /** The same command again, as after a power cut. */
    void launch() throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(command.toString(), what).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(Files.createDirectories(home).resolve("said.log").toFile()));
        builder.environment().put("BRACHION_HOME", home.toString());
        launcher = builder.start();
        waitUntilItAnswers();
    }

    void waitUntilItAnswers() throws InterruptedException {
        long began = System.nanoTime();
        while (System.nanoTime() - began < PATIENCE.toNanos()) {
            try {
                if (send(request("/api/trials/counts").build()).statusCode() == 200) {
                    return;
                }
            } catch (IOException | IllegalArgumentException notYet) {
                // nobody there, or no address yet
            }
            Thread.sleep(20);
        }
        throw new IllegalStateException("The product did not come back; see " + home);
    }

    /** A request to it that may write. */
    public HttpRequest.Builder request(String path) throws IOException {
        return HttpRequest.newBuilder(URI.create(Files.readString(folder().resolve("address")).strip() + path))
                .header("Cookie", "XSRF-TOKEN=" + TOKEN).header("X-XSRF-TOKEN", TOKEN).header("Content-Type", "application/json")
                .timeout(Duration.ofSeconds(120));
    }

    /** Its answer. */
    public HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        return client.send(request, BodyHandlers.ofString());
    }

    /** The bytes of what it answers with. */
    byte[] fetch(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = client.send(request, BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IOException(request.uri() + " was answered " + answer.statusCode());
        }
        return answer.body();
    }

    private Path folder() {
        return home.resolve(what.equals("start") ? "shop" : what);
    }

    /** The number of one of its processes: {@code server} or {@code db}. */
    public long pid(String process) throws IOException {
        return Long.parseLong(Files.readString(folder().resolve(process + ".pid")).strip());
    }

    /** Ends a process at once, unasked. */
    void kill(String process) throws IOException {
        ProcessHandle.of(pid(process)).ifPresent(handle -> {
            handle.destroyForcibly();
            handle.onExit().join();
        });
    }

    /** Everything ends at once, what would start it again first. */
    void cutPower() throws IOException {
        launcher.destroyForcibly().onExit().join();
        kill("server");
        kill("db");
    }

    @Override
    public void close() {
        launcher.destroy();
        launcher.onExit().join();
    }
}
