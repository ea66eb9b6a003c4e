package brachion.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** The product as a person starts it: the one command, in a data folder of its own. */
final class Product implements AutoCloseable {

    private static final Path COMMAND = Path.of("../brachion").toAbsolutePath().normalize();
    private static final Duration PATIENCE = Duration.ofMinutes(8);
    private static final Duration ANSWER = Duration.ofMinutes(2);
    private static Product shared;

    private final Path home;
    private final Path said;
    private final String instance;
    private final Process process;

    private Product(Path home, String instance) {
        try {
            this.home = Files.createDirectories(home.toAbsolutePath());
            this.instance = instance;
            this.said = Files.createTempFile(this.home, "said", ".log");
            ProcessBuilder builder = new ProcessBuilder(COMMAND.toString(), instance.equals("shop") ? "start" : instance)
                    .redirectErrorStream(true).redirectOutput(said.toFile());
            builder.environment().put("BRACHION_HOME", this.home.toString());
            builder.environment().remove("BRACHION_PORT");
            // none of them runs for so long that it pays to compile it well
            builder.environment().put("JDK_JAVA_OPTIONS", "-XX:TieredStopAtLevel=1");
            // a machine at its limit keeps a database busy for longer than anybody at a bench would wait
            builder.environment().putIfAbsent("BRACHION_DB_PATIENCE_MS", "30000");
            this.process = builder.start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The demo workshop, started once for all tests that only need it to be there. */
    static synchronized Product demo() {
        if (shared == null) {
            shared = start(freshFolder(), "demo");
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    private static Path freshFolder() {
        try {
            return Files.createTempDirectory("brachion-e2e");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Starts the product and waits until it says that it is ready. */
    static Product start(Path home, String instance) {
        Product product = new Product(home, instance);
        Instant give = Instant.now().plus(PATIENCE);
        while (!product.said().contains("ready at")) {
            if (!product.process.isAlive() || Instant.now().isAfter(give)) {
                throw new IllegalStateException("The product did not start:\n" + product.said());
            }
            pause();
        }
        return product;
    }

    /** Address of the page. */
    String address() {
        return said().lines().filter(line -> line.contains("ready at")).findFirst().orElseThrow()
                .replaceAll(".*(http://\\S+).*", "$1");
    }

    /** What its server writes down. */
    Path log() {
        return home.resolve(instance).resolve("server.log");
    }

    /** What the interface answers to a plain request. */
    String get(String path) {
        try {
            return HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create(address() + path)).timeout(ANSWER).build(),
                    HttpResponse.BodyHandlers.ofString()).body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** The same, however often it takes to be answered. */
    String getOnceThere(String path) {
        Instant give = Instant.now().plus(PATIENCE);
        while (true) {
            try {
                String answer = get(path);
                if (!answer.contains("\"status\":503") || Instant.now().isAfter(give)) {
                    return answer;
                }
            } catch (UncheckedIOException notThere) {
                if (Instant.now().isAfter(give)) {
                    throw notThere;
                }
            }
            pause();
        }
    }

    /** The database alone ends at once. */
    void killDatabase() {
        pid("db.pid").ifPresent(Product::killNow);
    }

    /** The server alone ends at once. */
    void killServer() {
        pid("server.pid").ifPresent(Product::killNow);
    }

    /** The server is there and answers nobody any more. */
    void stopServerFromAnswering() {
        long pid = pid("server.pid").orElseThrow();
        try {
            new ProcessBuilder("kill", "-STOP", Long.toString(pid)).inheritIO().start().onExit().join();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Which process the server is. */
    long server() {
        return pid("server.pid").orElseThrow();
    }

    /** As a power cut would: command, server and database end at once, unasked. */
    void kill() {
        process.destroyForcibly();
        pid("server.pid").ifPresent(Product::killNow);
        pid("db.pid").ifPresent(Product::killNow);
        process.onExit().join();
    }

    private Optional<Long> pid(String file) {
        try {
            return Optional.of(Long.parseLong(Files.readString(home.resolve(instance).resolve(file)).strip()));
        } catch (IOException gone) {
            return Optional.empty();
        }
    }

    private static void killNow(long pid) {
        ProcessHandle.of(pid).ifPresent(handle -> {
            handle.destroyForcibly();
            handle.onExit().join();
        });
    }

    /** Ctrl-C. */
    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }

    private String said() {
        try {
            return Files.readString(said);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
