package brachion.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** A server process under measurement. */
final class RunningServer implements AutoCloseable {

    private static final String ADDRESS = "http://localhost:";
    private static int nextPort = 18471;

    private final Process process;
    private final String base;
    private final double secondsToHealthy;
    private final Path log;

    private RunningServer(Process process, int port, Path log, double secondsToHealthy) {
        this.process = process;
        this.log = log;
        this.base = ADDRESS + port;
        this.secondsToHealthy = secondsToHealthy;
    }

    /** Starts a server and waits for its first healthy answer. */
    static RunningServer start(List<String> command, Map<String, String> environment)
            throws IOException, InterruptedException {
        int port = nextPort++;
        Path log = Path.of(System.getProperty("java.io.tmpdir"), "brachion-bench-" + port + ".log");
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile());
        builder.environment().putAll(environment);
        builder.environment().put("BRACHION_PORT", Integer.toString(port));
        builder.environment().put("SERVER_PORT", Integer.toString(port));
        long started = System.nanoTime();
        Process process = builder.start();
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest health = HttpRequest.newBuilder(URI.create(ADDRESS + port + "/actuator/health")).build();
        while (true) {
            try {
                if (client.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return new RunningServer(process, port, log, (System.nanoTime() - started) / 1e9);
                }
            } catch (IOException notYet) {
                if (!process.isAlive()) {
                    throw new IllegalStateException("The server ended: " + command);
                }
            }
            Thread.sleep(20);
        }
    }

    double secondsToHealthy() {
        return secondsToHealthy;
    }

    URI at(String path) {
        return URI.create(base + path);
    }

    /** What it has said so far. */
    String said() throws IOException {
        return Files.readString(log);
    }

    /** Largest resident memory so far [MiB], as the Linux kernel counts it. */
    double peakMemoryMib() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(line -> line.startsWith("VmHWM")).mapToDouble(line -> Double.parseDouble(
                        line.replaceAll("\\D", "")) / 1024).findFirst().orElseThrow();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
